<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Query\Filter\SQLFilter;

/**
 * Adds `gym_id = …` to every query on rows that belong to a gym, whoever wrote it.
 */
final class GymFilter extends SQLFilter
{
    public const NAME = 'gym';
    public const PARAMETER = 'gym';

    public function addFilterConstraint(ClassMetadata $targetEntity, string $targetTableAlias): string
    {
        if (!$targetEntity->getReflectionClass()->implementsInterface(BelongsToGym::class)) {
            return '';
        }

        return \sprintf('%s.gym_id = UNHEX(%s)', $targetTableAlias, $this->getParameter(self::PARAMETER));
    }
}
