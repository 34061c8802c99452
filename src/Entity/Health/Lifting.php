<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Health;

use Doctrine\ORM\Mapping as ORM;
use Zumbo\Core\Body\Clearance;

/**
 * Whose word lifted what was noted: a coach's, with a note; or the athlete's own statement that a professional cleared
 * it, in their words, with the coach whose device it was made on as its witness.
 */
#[ORM\Embeddable]
class Lifting
{
    private function __construct(
        #[ORM\Column(name: 'lifted_by', length: 12, nullable: true)] public readonly ?string $byCode,
        #[ORM\Column(name: 'lifted_on', type: 'date_immutable', nullable: true)]
        public readonly ?\DateTimeImmutable $on,
        /** The coach who cleared it, or who witnessed the statement. */
        #[ORM\Column(name: 'lifted_with', length: 80, options: ['default' => ''])] public readonly string $with,
        /** The coach's note, or the athlete's own words. */
        #[ORM\Column(name: 'lifted_words', length: 500, options: ['default' => ''])] public readonly string $words,
        /** Of a statement: which professional. */
        #[ORM\Column(name: 'professional', length: 120, options: ['default' => ''])] public readonly string $professional,
        /** Of a statement: on which day that was. */
        #[ORM\Column(name: 'professional_on', type: 'date_immutable', nullable: true)]
        public readonly ?\DateTimeImmutable $professionalOn,
        /** Of a statement: who made it. */
        #[ORM\Column(name: 'stated_by', length: 8, enumType: StatedBy::class, nullable: true)]
        public readonly ?StatedBy $statedBy,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, '', '', '', null, null);
    }

    public static function byCoach(\DateTimeImmutable $localDay, string $coach, string $note): self
    {
        return new self(Clearance::Coach->value, $localDay, $coach, $note, '', null, null);
    }

    public static function asStated(
        \DateTimeImmutable $localDay,
        string $witness,
        StatedBy $statedBy,
        string $professional,
        \DateTimeImmutable $professionalOn,
        string $words,
    ): self {
        return new self(
            Clearance::Professional->value,
            $localDay,
            $witness,
            $words,
            $professional,
            $professionalOn,
            $statedBy,
        );
    }

    public function by(): ?Clearance
    {
        return null === $this->byCode ? null : Clearance::from($this->byCode);
    }
}
