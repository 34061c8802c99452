<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Clock;

use Zumbo\App\Platform\Problem\BadField;

/**
 * When something was done, as a device tells it: kept there while the network was away.
 */
final class PastInstant
{
    public const PATTERN = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,6})?Z$/';
    public const EXAMPLE = 'an instant like 2026-11-24T18:42:00Z';

    /** A device's clock may run ahead by so much. */
    private const SLACK = '+10 minutes';

    /** @throws BadField when there is no such instant, or it is still to come */
    public static function of(string $field, string $told, \DateTimeImmutable $now): \DateTimeImmutable
    {
        $at = date_create_immutable($told);
        if (false === $at || $at > $now->modify(self::SLACK)) {
            throw BadField::of($field, $told, 'an instant that has been, like '.$now->format('Y-m-d\TH:i:s\Z'));
        }

        return $at->setTimezone(new \DateTimeZone('UTC'));
    }
}
