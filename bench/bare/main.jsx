// The bare Ant Design page of the benchmark: provider, a form, an input, a button, nothing of ours.
import { App, Button, ConfigProvider, Form, Input } from 'antd';
import { createElement as h } from 'react';
import { createRoot } from 'react-dom/client';

createRoot(document.getElementById('root')).render(
  h(
    ConfigProvider,
    null,
    h(App, null, h(Form, null, h(Form.Item, { name: 'name' }, h(Input)), h(Button, { htmlType: 'submit' }, 'Save'))),
  ),
);
