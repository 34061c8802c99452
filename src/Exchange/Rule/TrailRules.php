<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Entity\Trail\TrailLine;
use Zumbo\App\Exchange\Table\StoredRow;

/**
 * What a file may say of who changed what: it may bring its trail along; what is noted here it can't change.
 */
final class TrailRules
{
    private const ACCEPTED = 'JSON like {"name":["before","after"]}';

    /**
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, ?StoredRow $mine): array
    {
        if ('trail' !== $row->table->name) {
            return [];
        }
        if (null !== $mine && !$mine->saysAll($row)) {
            return [RowError::of($row->where, 'id', $row->id, 'a line that is not here yet: what is noted here no file changes')];
        }
        $kind = $row->values['kind'] ?? null;
        if (\in_array($kind, TrailLine::STAYS, true)) {
            return [RowError::of($row->where, 'kind', $kind, 'nothing of who may sign in: that stays where it is')];
        }
        $changes = $row->values['changes'] ?? null;

        return null === $changes || self::isPairs(json_decode(\is_string($changes) ? $changes : '', false))
            ? []
            : [RowError::of($row->where, 'changes', $changes, self::ACCEPTED)];
    }

    private static function isPairs(mixed $read): bool
    {
        if (!$read instanceof \stdClass) {
            return false;
        }
        foreach (get_object_vars($read) as $pair) {
            if (!\is_array($pair) || 2 !== \count($pair)) {
                return false;
            }
        }

        return true;
    }
}
