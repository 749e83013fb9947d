/** One thing to be made, as a picture with its name. */
import { memo } from 'react';
import { Pressable, View, type ViewStyle } from 'react-native';
import { type FormId } from '@/core/forms';
import { type Batch } from '@/core/stored/schema';
import { type EverydayId } from '@/core/wrapper/everyday';
import { Body } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { Picture, pictureWords } from './picture';

const PICTURE_PX = 84;

interface Props {
  thing: EverydayId;
  name: string;
  also: string;
  form: FormId;
  wrap: Batch['wrap'];
  onChoose: (thing: EverydayId) => void;
}

/** A picture's place in its row. */
export const PLACE: ViewStyle = { flexGrow: 1, flexBasis: 104, maxWidth: 180 };

export const PictureChoice = memo(function PictureChoice({ thing, name, also, form, wrap, onChoose }: Props) {
  const p = usePalette();
  return (
    <View role="listitem" style={PLACE}>
      <Pressable
        role="button"
        aria-label={pictureWords(name, also, form)}
        onPress={() => onChoose(thing)}
        style={({ pressed }) => ({
          flex: 1,
          alignItems: 'center',
          gap: 4,
          paddingVertical: 8,
          paddingHorizontal: 4,
          borderWidth: 1,
          borderColor: p.rule,
          backgroundColor: pressed ? p.faint : p.paper,
        })}
      >
        <Picture thing={thing} wrap={wrap} width={PICTURE_PX} />
        <Body style={{ fontSize: 15, lineHeight: 19, textAlign: 'center' }}>{name}</Body>
      </Pressable>
    </View>
  );
});
