export { normalBelow } from './normal-below';
