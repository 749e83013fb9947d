/** Opens every panel that is folded to a line. */
import { fireEvent, screen } from '@testing-library/react-native';

export const unfold = () =>
  screen
    .queryAllByTestId('fold')
    .filter((one) => one.props.accessibilityState?.expanded !== true)
    .forEach((one) => fireEvent.press(one));
