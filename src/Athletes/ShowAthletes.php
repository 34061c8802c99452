<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\SignIn\CurrentCoach;
use Zumbo\App\Record\Athlete;
use Zumbo\App\Record\Athletes;
use Zumbo\App\Record\Ropes;

/**
 * Athletes with their current ropes, as the signed-in coach may see them.
 */
final readonly class ShowAthletes
{
    public function __construct(private Athletes $athletes, private Ropes $ropes, private CurrentCoach $coach)
    {
    }

    /**
     * @return list<AthleteView>
     */
    public function all(): array
    {
        $ropes = $this->ropes->current();
        $role = $this->coach->role();

        return array_map(
            static fn (Athlete $athlete): AthleteView => AthleteView::of($athlete, $ropes[$athlete->id()->toRfc4122()] ?? null, $role),
            $this->athletes->present(),
        );
    }

    public function one(Uuid $id): AthleteView
    {
        return AthleteView::of($this->athletes->get($id), $this->ropes->currentOf($id), $this->coach->role());
    }
}
