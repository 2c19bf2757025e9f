declare module 'fs-native-extensions' {
  /** Locks of open file descriptions, by the operating system. */
  const native: {
    tryLock(fd: number): boolean;
    unlock(fd: number): void;
  };
  export default native;
}
