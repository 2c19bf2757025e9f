export { PresencePatterns } from './presenceInk.tsx';
export { RangeThumb } from './RangeThumb.tsx';
