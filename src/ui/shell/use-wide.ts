/** Whether there is room for the rail and three columns. */
import { useWindowDimensions } from 'react-native';

const WIDE = 1000;
export const useWide = (): boolean => useWindowDimensions().width >= WIDE;
