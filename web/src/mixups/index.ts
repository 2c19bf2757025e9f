export { ThroughChart } from './ThroughChart.tsx';
