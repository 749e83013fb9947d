declare module 'react-native-vector-icons/Icon' {
  import type { ComponentType } from 'react';
  import type { TextProps } from 'react-native';
  export interface IconProps extends TextProps {
    name: string;
    size?: number;
    color?: string;
  }
  export type IconButtonProps = IconProps;
  const Icon: ComponentType<IconProps>;
  export default Icon;
}
