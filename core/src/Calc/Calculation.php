<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\CoreException;

/**
 * One computation by name, the same on the command line and over HTTP.
 */
interface Calculation
{
    public function name(): string;

    /** What it answers, in one line. */
    public function summary(): string;

    /**
     * @return list<Field>
     */
    public function fields(): array;

    /**
     * @return array<string, mixed> SI units, the unit as suffix; what is undefined is null with a sibling `…_reason`
     *
     * @throws CoreException when the values, each sound by itself, make no sense together
     */
    public function calculate(Inputs $inputs): array;
}
