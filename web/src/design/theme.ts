import type { ThemeConfig } from 'antd';
import { colours, fonts } from './tokens';

/** Ant Design in our clothes: hairlines instead of shadows, ink instead of blue, targets a thumb can hit. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: colours.ink,
    colorInfo: colours.ink,
    colorSuccess: colours.pine,
    colorError: colours.brick,
    colorErrorHover: colours.brick,
    colorErrorActive: colours.brick,
    colorWarning: colours.saffron,
    colorLink: colours.pine,
    colorLinkHover: colours.ink,
    colorText: colours.ink,
    colorTextSecondary: colours.stone,
    colorTextDescription: colours.stone,
    colorTextPlaceholder: colours.stone,
    colorBgLayout: colours.paper,
    colorBgContainer: colours.card,
    colorBorder: colours.waiting,
    colorBorderSecondary: colours.hairline,
    fontFamily: fonts.text,
    fontSize: 15,
    borderRadius: 4,
    // Left alone, Ant Design derives these from our ink: a chosen option would be ink on near-ink.
    controlItemBgActive: colours.ground,
    controlItemBgActiveHover: colours.hairline,
    controlItemBgHover: colours.paper,
    controlHeight: 40,
    controlHeightLG: 48,
    boxShadow: 'none',
    boxShadowSecondary: `0 0 0 1px ${colours.hairline}, 0 6px 18px rgb(30 43 42 / 12%)`,
    wireframe: false,
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', dangerShadow: 'none', fontWeight: 600 },
    Form: { labelColor: colours.stone, verticalLabelPadding: '0 0 4px' },
  },
};

/** On the floor every control is as high as a thumb needs; who asked for stillness gets lists that do not slide. */
export function themeFor(floor: boolean, still: boolean): ThemeConfig {
  const token = { ...theme.token, motion: !still };
  return floor
    ? {
        token: { ...token, controlHeight: 48 },
        components: { ...theme.components, Segmented: { trackPadding: 0 } },
      }
    : { ...theme, token };
}

/** Phones and tablets; the same width as in the style sheets. */
export const FLOOR = '(max-width: 1000px)';
