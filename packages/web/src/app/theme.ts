import type { ThemeConfig } from 'antd';

/** The same colours as tokens.css, for the component library. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: '#0f6a63',
    colorLink: '#0f6a63',
    colorError: '#a6402e',
    colorWarning: '#c8962e',
    colorText: '#2b2f2c',
    colorTextPlaceholder: '#6b6a62',
    colorBgBase: '#fffdf8',
    colorBgContainer: '#fffdf8',
    colorBorder: '#d8d0bf',
    borderRadius: 3,
    fontFamily: "'Atkinson Hyperlegible Next', sans-serif",
    fontSize: 14,
    controlHeight: 30,
    motion: false,
  },
};
