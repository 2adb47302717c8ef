import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Notice } from '../parts/Notice';

type View = Schemas['DeviceView'];

/** How often press and probe are asked, in ms. */
const ASK_AGAIN = 1000;

function useDevice() {
  return useQuery({
    ...server.device(),
    refetchInterval: (query) => (query.state.data?.address == null ? false : ASK_AGAIN),
  });
}

/** What press and probe showed last, as a press of the bench writes it down; nothing where there are none. */
export function useReading(): () => { press_c?: number; probe_c?: number } {
  const { data } = useDevice();
  const latest = useRef(data);
  latest.current = data;
  return useCallback(() => {
    const { press, probe_c: probe } = latest.current ?? {};
    return { ...(press == null ? {} : { press_c: press.celsius }), ...(probe == null ? {} : { probe_c: probe }) };
  }, []);
}

/** What press and probe show now, readable from where one stands; nothing where none is set up. */
export function DeviceReadings() {
  const format = useFormat();
  const { data } = useDevice();
  if (data?.address == null) {
    return null;
  }
  const { press, probe_c: probe } = data;
  return (
    <section aria-label="Press and probe" className="mb-3 border-b border-rule pb-3">
      {data.trouble !== '' && <p className="font-semibold text-hot">✕ {data.trouble}</p>}
      <dl className="grid grid-cols-2 gap-x-3 text-lg">
        {press != null && (
          <div>
            <dt className="text-sm text-soft">Press{press.closed ? ', closed' : ', open'}</dt>
            <dd className={press.ready ? 'text-hot' : 'text-wait'}>
              <b className="text-3xl">{format.temperature(press.celsius)}</b>
              <span className="block text-sm">
                {press.stuck
                  ? '◆ gets no hotter'
                  : press.ready
                    ? '✓ at its setting'
                    : `… to ${format.temperature(press.setting)}`}
              </span>
              {press.remaining_s != null && (
                <span className="block text-sm text-ink">
                  {press.beeping ? '♪ it beeps' : `counts ${format.duration(Math.max(0, press.remaining_s))}`}
                </span>
              )}
            </dd>
          </div>
        )}
        {probe != null && (
          <div>
            <dt className="text-sm text-soft">Probe</dt>
            <dd>
              <b className="text-3xl">{format.temperature(probe)}</b>
            </dd>
          </div>
        )}
      </dl>
    </section>
  );
}

/** Where press and probe are reached; and to try them. */
export function DeviceSetUp() {
  const queries = useQueryClient();
  const { data } = useDevice();
  const [address, setAddress] = useState<string>();
  const [token, setToken] = useState('');
  const [setting, setSetting] = useState('150');
  const put = useMutation({
    mutationFn: (body: { address: string; token: string }) => got(api.PUT('/api/device', { body })),
    onSuccess: (view) => queries.setQueryData<View>(keys.device, view),
  });
  const command = useMutation({
    mutationFn: (body: { do: 'set' | 'close' | 'open' | 'start'; value?: number }) =>
      got(api.POST('/api/device/commands', { body })),
    onSuccess: (view) => queries.setQueryData<View>(keys.device, view),
  });
  if (data === undefined) {
    return null;
  }
  const errors = put.error?.errors ?? {};
  return (
    <section aria-labelledby="device" className="mt-8 border-t border-ink pt-4">
      <h2 id="device" className="text-xl">
        Press and probe
      </h2>
      <p className="text-soft">
        A digital press or a thermometer that is connected to this machine. To try a simulated one, run{' '}
        <code>bin/wubbin device</code>. It prints an address and a token.
      </p>
      <div className="mt-3 grid items-start gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <TextField
          label="Address"
          placeholder="127.0.0.1:8427"
          value={address ?? data.address ?? ''}
          error={errors.address}
          onChange={(e) => setAddress(e.target.value)}
        />
        <TextField label="Token" value={token} error={errors.token} onChange={(e) => setToken(e.target.value)} />
        <button
          type="button"
          className="key mt-6"
          onClick={() => put.mutate({ address: address ?? data.address ?? '', token })}
        >
          Connect
        </button>
      </div>
      {data.address != null && (
        <div className="mt-3 max-w-sm">
          <DeviceReadings />
          <div className="flex flex-wrap items-end gap-2">
            <div className="w-28">
              <TextField label="Set to, °C" value={setting} onChange={(e) => setSetting(e.target.value)} />
            </div>
            <button
              type="button"
              className="key"
              onClick={() => command.mutate({ do: 'set', value: Number(setting.replace(',', '.')) || 0 })}
            >
              Set
            </button>
            <button
              type="button"
              className="key"
              onClick={() => command.mutate({ do: data.press?.closed === true ? 'open' : 'close' })}
            >
              {data.press?.closed === true ? 'Open' : 'Close'}
            </button>
            <button type="button" className="key" onClick={() => command.mutate({ do: 'start', value: 45 })}>
              Count 45 s
            </button>
            <button type="button" className="link" onClick={() => put.mutate({ address: '', token: '' })}>
              Disconnect
            </button>
          </div>
          {command.error !== null && <Notice tone="hot">{command.error.message}</Notice>}
        </div>
      )}
    </section>
  );
}
