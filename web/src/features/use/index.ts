export { UseKept } from './UseKept';
export { WhatIsSaid } from './WhatIsSaid';
