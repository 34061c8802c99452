import { useQuery } from '@tanstack/react-query';
import { judgedOf } from './changes';
import { call, type Schemas } from './client';

export type OrderList = Schemas['OrderListView'];
export type OrderLine = Schemas['OrderLineView'];

/** What has to be bought, for athletes and rack. */
export function useOrderList() {
  return useQuery({
    queryKey: ['order-list'],
    queryFn: () => call('GET', '/api/order-list'),
    ...judgedOf('rack', 'rope_pin', 'night'),
  });
}
