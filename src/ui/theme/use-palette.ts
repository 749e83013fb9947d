/** The palette in force, for drawings and text outside React Native Elements. */
import { createContext, useContext } from 'react';
import { LIGHT, type Palette } from './palette';

export const PaletteContext = createContext<Palette>(LIGHT);
export const usePalette = (): Palette => useContext(PaletteContext);
