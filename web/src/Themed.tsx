import { ConfigProvider } from 'antd';
import { i18n } from '@lingui/core';
import { t } from '@lingui/core/macro';
import { I18nProvider } from '@lingui/react';
import type { ReactNode } from 'react';
import { theme } from './theme';
import { wordsOfParts } from './words/words';

/** Where what opens is drawn. The page itself is there already, so that a dialog’s field can take the keys as soon as it is drawn. */
const page = () => document.body;

/** Our theme, over the component library’s, and the language that is spoken. */
export const Themed = ({ children }: { children: ReactNode }) => (
  <I18nProvider i18n={i18n}>
    <ConfigProvider
      locale={wordsOfParts()}
      theme={theme}
      getPopupContainer={page}
      button={{ autoInsertSpace: false }}
      wave={{ disabled: true }}
      renderEmpty={() => t`Nothing here is called so.`}
    >
      {children}
    </ConfigProvider>
  </I18nProvider>
);
