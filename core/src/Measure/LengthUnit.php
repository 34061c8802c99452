<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * How a length is shown to a coach. Never finer than the work deserves: whole centimetres; feet with half inches, and
 * below a foot quarter inches, for what is trimmed or let out.
 */
enum LengthUnit: string
{
    private const QUARTERS = ['', '¼', '½', '¾'];

    case Centimetre = 'cm';
    case FootAndInch = 'ft-in';

    public function print(Length $length): string
    {
        return match ($this) {
            self::Centimetre => self::inCentimetres($length),
            self::FootAndInch => self::inFeetAndInches($length),
        };
    }

    /** Coils and halls: metres with centimetres, or feet and inches. */
    public function printLong(Length $length): string
    {
        return match ($this) {
            self::Centimetre => \sprintf('%.2f m', $length->metres()),
            self::FootAndInch => self::inFeetAndInches($length),
        };
    }

    private static function inCentimetres(Length $length): string
    {
        $centimetres = round($length->centimetres());
        // Far outside the trade's range the digits matter more than the neat form.
        if (abs($length->centimetres()) < 1 || abs($centimetres) >= 1e6) {
            return \sprintf('%.4g cm', $length->centimetres());
        }

        return \sprintf('%d cm', (int) $centimetres);
    }

    private static function inFeetAndInches(Length $length): string
    {
        $quarters = (int) round(abs($length->inches()) * 4);
        if ($quarters < 4 * Length::INCHES_PER_FOOT) {
            return self::inInches($quarters, $length->metres() < 0);
        }
        $halves = (int) round(abs($length->inches()) * 2);
        $inches = $halves % (2 * Length::INCHES_PER_FOOT);
        $sign = $length->metres() < 0 && $halves > 0 ? '-' : '';

        return \sprintf(
            '%s%d\'%d%s"',
            $sign,
            intdiv($halves, 2 * Length::INCHES_PER_FOOT),
            intdiv($inches, 2),
            1 === $inches % 2 ? '½' : '',
        );
    }

    private static function inInches(int $quarters, bool $negative): string
    {
        $part = self::QUARTERS[$quarters % 4];
        $whole = intdiv($quarters, 4);

        return ($negative && $quarters > 0 ? '-' : '').(0 === $whole && '' !== $part ? '' : $whole).$part.' in';
    }
}
