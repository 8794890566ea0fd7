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
  },
} as const
export type ThemeName = keyof typeof tokens

/** Our look over the controls: strong rules, little radius, no shadows, one accent. */
export function controls(name: ThemeName): GlobalThemeOverrides {
  const t = tokens[name]
  const line = `2px solid ${t.rule}`
  const lit = `2px solid ${t.work}`
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
      textColorBase: t.ink,
      textColor1: t.ink,
      textColor2: t.ink,
      textColor3: t.soft,
      placeholderColor: t.soft,
      errorColor: t.danger,
      boxShadow1: 'none',
      boxShadow2: 'none',
    },
    Input: {
      color: t.sheet,
      colorFocus: t.sheet,
      textColor: t.ink,
      placeholderColor: t.soft,
      caretColor: t.work,
      border: line,
      borderHover: line,
      borderFocus: lit,
      boxShadowFocus: 'none',
      borderError: `2px solid ${t.danger}`,
    },
  }
}
