/** The places: a bar at the bottom of a phone, a rail at the side of a wide screen. */
import { usePathname } from 'expo-router';
import { type ReactNode } from 'react';
import { View } from 'react-native';
import { idsOf, recordsOf } from '@/core/vocabulary/records';
import { Heading, Small } from '../parts/text';
import { TextLink } from '../parts/text-link';
import { barItem, useTextSize } from '../theme/text-size';
import { SANS_BOLD, SERIF, TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';

interface PlaceRecord {
  label: string;
  /** Whether a path lies within it. */
  holds(path: string): boolean;
  /** It stands in the bar; else at the foot of the rail, and behind an icon on a phone. */
  isInBar: boolean;
}

const within =
  (href: string) =>
  (path: string): boolean =>
    path.startsWith(href);

/** The places by their addresses. */
const PLACES = recordsOf<PlaceRecord>()({
  '/': {
    label: 'Bench',
    holds: (path) => path === '/' || path.startsWith('/batch') || path === '/begin',
    isInBar: true,
  },
  '/day': { label: 'Day', holds: within('/day'), isInBar: true },
  '/larder': { label: 'Larder', holds: within('/larder'), isInBar: true },
  '/notebook': { label: 'Notebook', holds: within('/notebook'), isInBar: true },
  '/kitchen': { label: 'Kitchen', holds: within('/kitchen'), isInBar: false },
});
const IN_BAR = idsOf(PLACES).filter((href) => PLACES[href].isInBar);
const AT_FOOT = idsOf(PLACES).filter((href) => !PLACES[href].isInBar);

/** The bar at the bottom. */
export function PlacesBar() {
  const p = usePalette();
  const times = useTextSize();
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{ flexDirection: 'row', borderTopWidth: 1.5, borderTopColor: p.ink, backgroundColor: p.paper }}
    >
      {IN_BAR.map((href, i) => {
        const here = PLACES[href].holds(path);
        return (
          <TextLink
            key={href}
            href={href}
            aria-current={here ? 'page' : undefined}
            style={{
              ...barItem(times),
              minHeight: 58,
              paddingTop: 16,
              textAlign: 'center',
              borderTopWidth: 5,
              borderTopColor: here ? p.beet : 'transparent',
              borderLeftWidth: i === 0 ? 0 : 1,
              borderLeftColor: p.rule,
              backgroundColor: here ? p.ground : p.paper,
              fontFamily: SANS_BOLD,
              fontSize: 16,
              color: p.ink,
            }}
          >
            {PLACES[href].label}
          </TextLink>
        );
      })}
    </View>
  );
}

/** The rail at the side; what belongs to a place stands under it. */
export function PlacesRail({ children }: { children?: ReactNode }) {
  const p = usePalette();
  const times = useTextSize();
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{
        width: 196 * Math.max(1, Math.min(times, 1.6)),
        borderRightWidth: 1.5,
        borderRightColor: p.ink,
        backgroundColor: p.paper,
        paddingVertical: 22,
      }}
    >
      <View style={{ paddingHorizontal: 22, paddingBottom: 14 }}>
        <Heading level={2}>Involucrum</Heading>
        <Small>fillings, planned</Small>
      </View>
      {IN_BAR.map((href) => {
        const here = PLACES[href].holds(path);
        return (
          <View key={href}>
            <TextLink
              href={href}
              aria-current={here ? 'page' : undefined}
              style={{
                minHeight: TOUCH,
                paddingVertical: 13,
                paddingHorizontal: 18,
                borderLeftWidth: 5,
                borderLeftColor: here ? p.beet : 'transparent',
                fontFamily: SERIF,
                fontSize: 17,
                color: p.ink,
              }}
            >
              {PLACES[href].label}
            </TextLink>
            {href === '/' && children}
          </View>
        );
      })}
      <View style={{ flex: 1 }} />
      {AT_FOOT.map((href) => (
        <TextLink
          key={href}
          href={href}
          aria-current={PLACES[href].holds(path) ? 'page' : undefined}
          style={{
            minHeight: TOUCH,
            paddingVertical: 13,
            paddingHorizontal: 23,
            color: p.soft,
            fontSize: 15,
            fontFamily: SANS_BOLD,
          }}
        >
          {PLACES[href].label}
        </TextLink>
      ))}
    </View>
  );
}
