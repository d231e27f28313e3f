// Vuetify with our tokens, and the switch between the light and the dark desk.
import { createVuetify } from "vuetify";
import "vuetify/styles";
import { ref, watchEffect } from "vue";

const nonce = document.querySelector<HTMLMetaElement>('meta[name="peony-nonce"]')?.nonce ?? "";

export const dark = ref(localStorage.getItem("peony.dark") === "1");

export const vuetify = createVuetify({
  theme: {
    cspNonce: nonce,
    defaultTheme: "light",
    themes: {
      light: { dark: false, colors: { primary: "#b0265a", surface: "#f3f5f1", background: "#e4e8e3", "on-surface": "#1b2420", error: "#8a5a00" } },
      dark: { dark: true, colors: { primary: "#d64a80", surface: "#18231e", background: "#111a16", "on-surface": "#e9efeb", error: "#f0c878" } },
    },
  },
  defaults: { VBtn: { variant: "flat", ripple: false }, VDialog: { scrim: true }, VTooltip: { openDelay: 500 } },
});

watchEffect(() => {
  document.documentElement.toggleAttribute("data-dark", dark.value);
  vuetify.theme.change(dark.value ? "dark" : "light");
  localStorage.setItem("peony.dark", dark.value ? "1" : "0");
});
