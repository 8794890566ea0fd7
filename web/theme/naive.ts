import type { GlobalThemeOverrides } from 'naive-ui'

const tokens = {
  bench: {
    ground: '#f2ede2',
    sheet: '#fbf8f1',
    ink: '#1d2628',
    soft: '#4f5a58',
    rule: '#1d2628',
    work: '#14655f',
    onWork: '#ffffff',
    danger: '#b3201f',
    dangerWash: '#f6dcd6',
    workWash: '#d8e6df',
    hair: '#cfc7b5',
  },
  cellar: {
    ground: '#14191a',
    sheet: '#1c2324',
    ink: '#ece5d6',
    soft: '#aab0a8',
    rule: '#6d7672',
    work: '#63c2b4',
    onWork: '#0c1514',
    danger: '#ff8d7d',
    dangerWash: '#471c19',
    workWash: '#1d3b38',
    hair: '#37403f',
  },
} as const
export type ThemeName = keyof typeof tokens

type Tokens = Record<keyof (typeof tokens)['bench'], string>

/** One button on every ground: it does not change under a finger or a pointer. */
function button(t: Tokens): GlobalThemeOverrides['Button'] {
  const kinds = {
    '': { color: t.sheet, text: t.ink, line: t.rule },
    Primary: { color: t.work, text: t.onWork, line: t.work },
    Error: { color: t.sheet, text: t.danger, line: t.danger },
  }
  const states = ['', 'Hover', 'Pressed', 'Focus', 'Disabled']
  const painted = Object.entries(kinds).flatMap(([kind, { color, text, line }]) =>
    states.flatMap(state => [
      [`color${state}${kind}`, color],
      [`textColor${state}${kind}`, text],
      [`border${state}${kind}`, `2px solid ${line}`],
    ]),
  )
  return {
    ...(Object.fromEntries(painted) as Record<string, string>),
    fontWeight: '650',
    heightLarge: '72px',
    fontSizeLarge: '23px',
    paddingMedium: '0 18px',
    paddingLarge: '0 18px',
    // What is pressed moves by a pixel (base.css); nothing spreads from it.
    waveOpacity: '0',
  }
}

/** Our look over the controls: strong rules, little radius, no shadows, one accent. */
export function controls(name: ThemeName): GlobalThemeOverrides {
  const t = tokens[name]
  const line = `2px solid ${t.rule}`
  const lit = `2px solid ${t.work}`
  const bare = { boxShadowHover: 'none', boxShadowFocus: 'none', boxShadowActive: 'none' }
  return {
    common: {
      fontFamily: 'Archivo, sans-serif',
      fontFamilyMono: "'Martian Mono', monospace",
      fontSize: '17px',
      borderRadius: '3px',
      heightMedium: '48px',
      heightLarge: '60px',
      fontSizeMedium: '18px',
      fontSizeLarge: '22px',
      primaryColor: t.work,
      primaryColorHover: t.work,
      primaryColorPressed: t.work,
      bodyColor: t.ground,
      cardColor: t.ground,
      popoverColor: t.sheet,
      hoverColor: t.workWash,
      inputColor: t.sheet,
      inputColorDisabled: t.ground,
      textColorDisabled: t.soft,
      textColorBase: t.ink,
      textColor1: t.ink,
      textColor2: t.ink,
      textColor3: t.soft,
      placeholderColor: t.soft,
      errorColor: t.danger,
      boxShadow1: 'none',
      boxShadow2: 'none',
    },
    Button: button(t),
    Alert: {
      colorError: t.dangerWash,
      contentTextColorError: t.ink,
      fontSize: '17px',
      lineHeight: '1.35',
      padding: '8px 12px',
      borderRadius: '0',
    },
    Input: {
      caretColor: t.work,
      border: line,
      borderHover: line,
      borderDisabled: line,
      borderFocus: lit,
      boxShadowFocus: 'none',
      borderError: `2px solid ${t.danger}`,
    },
    Select: {
      peers: {
        InternalSelection: {
          arrowColor: t.ink,
          border: line,
          borderHover: line,
          borderFocus: lit,
          borderActive: lit,
          fontWeight: '650',
          ...bare,
        },
        InternalSelectMenu: { optionTextColor: t.ink, optionTextColorActive: t.ink, optionHeightMedium: '48px' },
      },
    },
    Radio: {
      boxShadow: `inset 0 0 0 2px ${t.rule}`,
      boxShadowHover: `inset 0 0 0 2px ${t.rule}`,
      boxShadowActive: `inset 0 0 0 2px ${t.work}`,
      boxShadowFocus: `inset 0 0 0 4px ${t.work}`,
      buttonHeightMedium: '52px',
      buttonColor: t.sheet,
      buttonColorActive: t.workWash,
      buttonTextColor: t.ink,
      buttonTextColorActive: t.ink,
      buttonTextColorHover: t.ink,
      buttonBorderColor: t.rule,
      buttonBorderColorActive: t.work,
      buttonBoxShadowFocus: `inset 0 0 0 2px ${t.work}`,
    },
    Switch: { railColor: t.soft, buttonBoxShadow: 'none', boxShadowFocus: 'none' },
    Progress: { fillColor: t.work, railColor: t.hair, railHeight: '12px' },
    Table: {
      tdColor: 'transparent',
      thColor: 'transparent',
      thTextColor: t.soft,
      tdTextColor: t.ink,
      borderColor: t.hair,
      thFontWeight: '500',
      tdPaddingSmall: '4px',
      thPaddingSmall: '4px',
      fontSizeSmall: '17px',
      lineHeight: '1.35',
    },
    Scrollbar: { color: t.soft, colorHover: t.ink },
  }
}
