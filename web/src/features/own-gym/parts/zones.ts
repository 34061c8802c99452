/** Time zones as this browser knows them, by the city whose clock one's own hall goes by. */
export function zoneOptions(): { value: string; label: string }[] {
  return Intl.supportedValuesOf('timeZone').map((zone) => ({
    value: zone,
    label: zone.replaceAll('_', ' '),
  }));
}

/** Of this device. */
export function zoneHere(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
