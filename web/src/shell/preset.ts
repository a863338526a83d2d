import { definePreset } from '@primeuix/themes'
import autocomplete from '@primeuix/themes/aura/autocomplete'
import base from '@primeuix/themes/aura/base'
import button from '@primeuix/themes/aura/button'
import checkbox from '@primeuix/themes/aura/checkbox'
import inputtext from '@primeuix/themes/aura/inputtext'
import select from '@primeuix/themes/aura/select'
import slider from '@primeuix/themes/aura/slider'

const scheme = {
  primary: {
    color: 'var(--spruce)',
    contrastColor: 'var(--on-spruce)',
    hoverColor: 'color-mix(in srgb, var(--spruce) 86%, var(--ink))',
    activeColor: 'color-mix(in srgb, var(--spruce) 76%, var(--ink))',
  },
  highlight: {
    background: 'color-mix(in srgb, var(--spruce) 14%, var(--sheet))',
    focusBackground: 'color-mix(in srgb, var(--spruce) 20%, var(--sheet))',
    color: 'var(--ink)',
    focusColor: 'var(--ink)',
  },
  formField: {
    background: 'transparent',
    disabledBackground: 'transparent',
    filledBackground: 'transparent',
    borderColor: 'var(--ink-2)',
    hoverBorderColor: 'var(--ink)',
    focusBorderColor: 'var(--spruce)',
    invalidBorderColor: 'var(--stop)',
    color: 'var(--ink)',
    disabledColor: 'var(--ink-2)',
    placeholderColor: 'var(--ink-2)',
    invalidPlaceholderColor: 'var(--stop)',
    iconColor: 'var(--ink-2)',
    shadow: 'none',
  },
  text: { color: 'var(--ink)', hoverColor: 'var(--ink)', mutedColor: 'var(--ink-2)', hoverMutedColor: 'var(--ink)' },
  content: {
    background: 'var(--sheet)',
    hoverBackground: 'var(--paper)',
    borderColor: 'var(--hair)',
    color: 'var(--ink)',
    hoverColor: 'var(--ink)',
  },
  overlay: {
    select: { background: 'var(--sheet)', borderColor: 'var(--ink-2)', color: 'var(--ink)' },
    popover: { background: 'var(--sheet)', borderColor: 'var(--ink-2)', color: 'var(--ink)' },
  },
  list: {
    option: {
      focusBackground: 'var(--paper)',
      selectedBackground: 'color-mix(in srgb, var(--spruce) 14%, var(--sheet))',
      selectedFocusBackground: 'color-mix(in srgb, var(--spruce) 20%, var(--sheet))',
      color: 'var(--ink)',
      focusColor: 'var(--ink)',
      selectedColor: 'var(--ink)',
      selectedFocusColor: 'var(--ink)',
      icon: { color: 'var(--ink-2)', focusColor: 'var(--ink)' },
    },
  },
}

/** A second button is ink on the page with a hairline of the second ink: the stock grey is too pale to read. */
const buttons = {
  outlined: {
    secondary: {
      color: 'var(--ink)',
      borderColor: 'var(--ink-2)',
      hoverBackground: 'var(--sheet)',
      activeBackground: 'var(--paper)',
    },
  },
}

/** Fields are underlined figures: no box, one line, the value in the figure face. */
const underlined = (selector: string) => `
  ${selector} { border-width: 0 0 1px; border-radius: 0; }
  ${selector}:focus, ${selector}.p-focus { box-shadow: 0 1px 0 0 var(--spruce); outline: none; }`

/** Yardfrost's own look on PrimeVue's components: the roles of theme.css, hairlines, no shadows, no boxes. */
export const preset = definePreset(
  { ...base, components: { autocomplete, button, checkbox, inputtext, select, slider } },
  {
    semantic: {
      transitionDuration: '0.12s',
      focusRing: { width: '2px', style: 'solid', color: 'var(--spruce)', offset: '2px' },
      formField: { paddingX: '0', paddingY: '0.25rem', borderRadius: '0' },
      list: { padding: '0.25rem', option: { padding: '0.6rem 0.75rem' } },
      overlay: { select: { borderRadius: '4px', shadow: 'none' }, popover: { shadow: 'none' } },
      colorScheme: { light: scheme, dark: scheme },
    },
    components: {
      button: {
        root: { borderRadius: '4px', paddingX: '0.9rem', paddingY: '0.45rem', label: { fontWeight: '650' } },
        colorScheme: { light: buttons, dark: buttons },
      },
      checkbox: { root: { borderRadius: '3px' } },
      inputtext: { css: () => underlined('.p-inputtext') },
      select: { css: () => `${underlined('.p-select')} .p-select-dropdown { width: 1.4rem; }` },
      slider: {
        root: { transitionDuration: '0s' },
        track: { background: 'var(--hair)', size: '3px' },
        range: { background: 'var(--ember)' },
        handle: {
          width: '24px',
          height: '24px',
          background: 'var(--ember)',
          hoverBackground: 'var(--ember)',
          content: {
            width: '16px',
            height: '16px',
            background: 'var(--sheet)',
            hoverBackground: 'var(--sheet)',
            shadow: 'none',
          },
        },
      },
    },
  },
)
