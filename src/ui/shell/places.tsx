/** The places: a bar at the bottom of a phone, a rail at the side of a wide screen. */
import { Link, usePathname } from 'expo-router';
import { type ReactNode } from 'react';
import { View } from 'react-native';
import { Heading, Small } from '../parts/text';
import { SANS_BOLD, SERIF, TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';

export const PLACES = [
  { href: '/', label: 'Bench' },
  { href: '/larder', label: 'Larder' },
  { href: '/notebook', label: 'Notebook' },
] as const;

const isHere = (path: string, href: string): boolean =>
  href === '/' ? path === '/' || path.startsWith('/batch') || path === '/begin' : path.startsWith(href);

/** The bar at the bottom. */
export function PlacesBar() {
  const p = usePalette();
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{ flexDirection: 'row', borderTopWidth: 1.5, borderTopColor: p.ink, backgroundColor: p.paper }}
    >
      {PLACES.map(({ href, label }, i) => {
        const here = isHere(path, href);
        return (
          <Link
            key={href}
            href={href}
            aria-current={here ? 'page' : undefined}
            style={{
              flex: 1,
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
            {label}
          </Link>
        );
      })}
    </View>
  );
}

/** The rail at the side; what belongs to a place stands under it. */
export function PlacesRail({ children }: { children?: ReactNode }) {
  const p = usePalette();
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{
        width: 196,
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
      {PLACES.map(({ href, label }) => {
        const here = isHere(path, href);
        return (
          <View key={href}>
            <Link
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
              {label}
            </Link>
            {href === '/' && children}
          </View>
        );
      })}
      <View style={{ flex: 1 }} />
      <Link
        href="/kitchen"
        style={{
          minHeight: TOUCH,
          paddingVertical: 13,
          paddingHorizontal: 23,
          color: p.soft,
          fontSize: 15,
          fontFamily: SANS_BOLD,
        }}
      >
        Kitchen
      </Link>
    </View>
  );
}
