<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;
use Zumbo\Core\Gear\InspectionPoint;

/**
 * What the last look at a rope found, and when; nothing yet for a rope nobody has looked at.
 */
#[ORM\Embeddable]
class Inspection
{
    /** @var list<string> codes of InspectionPoint */
    #[ORM\Column(name: 'failed', type: 'json', options: ['default' => '[]'])]
    private array $failedCodes;

    /**
     * @param list<InspectionPoint> $failed
     */
    private function __construct(
        #[ORM\Column(name: 'inspected_on', type: 'date_immutable', nullable: true),]
        public readonly ?\DateTimeImmutable $on,
        array $failed,
    ) {
        $this->failedCodes = array_map(static fn (InspectionPoint $point): string => $point->value, $failed);
    }

    public static function none(): self
    {
        return new self(null, []);
    }

    /**
     * @param list<InspectionPoint> $failed empty: it passed
     */
    public static function of(\DateTimeImmutable $localDay, array $failed): self
    {
        return new self($localDay, $failed);
    }

    /**
     * @return list<InspectionPoint>
     */
    public function failed(): array
    {
        return array_map(InspectionPoint::from(...), $this->failedCodes);
    }

    /** Something fails, and all of it in the handles. */
    public function failsInHandlesOnly(): bool
    {
        $failed = $this->failed();

        return [] !== $failed
            && $failed === array_values(array_filter($failed, static fn (InspectionPoint $point): bool => $point->isOfHandles()));
    }

    public function isSafe(): bool
    {
        return [] === $this->failedCodes;
    }
}
