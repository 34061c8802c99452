<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\Core\Fault\CueCount;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Story\HelpCount;
use Zumbo\Core\Story\StandingOut;

/**
 * Which cue helps most in this gym; silent where there is too little.
 */
final readonly class CompareCues
{
    public function __construct(private FocusGoes $goes)
    {
    }

    /**
     * @return list<HelpView> the one that helps most often first
     */
    public function all(): array
    {
        return HelpView::listOf(StandingOut::among(array_map(
            static fn (CueCount $count): HelpCount => new HelpCount($count->better, $count->goes),
            $this->goes->counts(),
        )));
    }

    /**
     * @param list<HelpView> $helps
     */
    public static function said(array $helps): Verdict
    {
        foreach ($helps as $help) {
            if ($help->standsOut) {
                return Verdict::of('story.helps', [
                    'cue' => $help->cue,
                    'better' => $help->better,
                    'goes' => $help->goes,
                    'share_percent' => (int) round(100 * $help->share),
                ]);
            }
        }

        return Verdict::of('story.helps_none', ['least' => StandingOut::LEAST_GOES]);
    }
}
