<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * Takes somebody who is erased out of what was planned for others as well: evenings and the clock of a class name them inside.
 */
final readonly class ForgetInPlans
{
    private const PLACES = [['planned_practice', 'wish'], ['planned_practice', 'before_wishes'], ['class_clock', 'programmes']];

    public function __construct(private GymDatabase $database)
    {
    }

    /** In the caller's transaction. */
    public function of(Uuid $athlete): void
    {
        $id = $athlete->toRfc4122();
        foreach (self::PLACES as [$table, $column]) {
            foreach ($this->database->rows(
                "SELECT id, $column AS held FROM $table WHERE gym_id = :gym AND $column LIKE :named",
                ['named' => '%'.$id.'%'],
            ) as ['id' => $row, 'held' => $held]) {
                \assert(\is_string($held));
                $this->database->execute("UPDATE $table SET $column = :left WHERE gym_id = :gym AND id = :row", [
                    'left' => json_encode(
                        self::without(json_decode($held, false, 64, \JSON_THROW_ON_ERROR), $id),
                        \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE,
                    ),
                    'row' => $row,
                ]);
            }
        }
    }

    private static function without(mixed $value, string $id): mixed
    {
        if (\is_array($value)) {
            $left = array_values(array_filter($value, static fn (mixed $one): bool => $one !== $id));

            return array_map(static fn (mixed $one): mixed => self::without($one, $id), $left);
        }
        if ($value instanceof \stdClass) {
            $left = new \stdClass();
            foreach (get_object_vars($value) as $key => $one) {
                if ($key !== $id) {
                    $left->{$key} = self::without($one, $id);
                }
            }

            return $left;
        }

        return $value;
    }
}
