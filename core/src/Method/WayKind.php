<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * A question that schools answer differently.
 */
enum WayKind: string
{
    case Method = 'method';
    case Arms = 'arms';
    case Elbows = 'elbows';
    case Height = 'height';
    case Sound = 'sound';
    case Gates = 'gates';
    case WarmUp = 'warm-up';
    case Dose = 'dose';

    /**
     * @return non-empty-list<\BackedEnum> the first is what is usual
     */
    public function options(): array
    {
        return match ($this) {
            self::Method => Method::cases(),
            self::Arms => Arms::cases(),
            self::Elbows => Elbows::cases(),
            self::Height => JumpHeight::cases(),
            self::Sound => Sound::cases(),
            self::Gates => GateRule::cases(),
            self::WarmUp => WarmUp::cases(),
            self::Dose => Dose::cases(),
        };
    }

    /**
     * @return non-empty-list<string>
     */
    public function answers(): array
    {
        return array_map(static fn (\BackedEnum $one): string => (string) $one->value, $this->options());
    }
}
