/** The styles of Ant Design's controls, written by the build. */
declare module 'virtual:control-styles.css';
