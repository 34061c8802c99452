<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of the rack, looking ropes over, and cutting cables. ICU messages by the verdict's code.
 */
final class GearMessages
{
    public const ALL = [
        'gear.same_as_last' => 'The same rope as last time.',
        'gear.nearer_serves' => '{tag}, {rope_m}, is nearer, but serves {holder}.',
        'gear.pinned' => 'Pinned by the coach.',
        'gear.pinned_misfit' => 'Pinned by the coach; by length and cable it would not be given.',
        'gear.pinned_unsafe' => '{tag} is pinned to them, but it failed its inspection or is not on the rack: unpin '
            .'it, or mend and inspect it.',
        'gear.held_back' => '{tag}, {rope_m}, would fit {ideal_m}, but it is kept back or pinned to somebody.',
        'gear.unsafe' => '{tag}, {rope_m}, would fit {ideal_m}, but it failed its inspection: mend it, or buy one of '
            .'{ideal_m}.',
        'gear.wrong_cable' => '{tag} is near {ideal_m}, but {family} is not for this stage. Buy or cut one of '
            .'{ideal_m}.',
        'gear.fits' => '{tag}, {rope_m}: as long as {ideal_m} asks.',
        'gear.long' => '{tag}, {rope_m}: {off_m} longer than {ideal_m}; it costs some effort.',
        'gear.short' => '{tag}, {rope_m}: {off_m} shorter than {ideal_m}; hands close.',
        'gear.none_fits' => 'No rope on the rack is near {ideal_m}: the nearest, {tag}, is {off_m} off. Buy or cut '
            .'one of {ideal_m}.',
        'gear.empty_rack' => 'There is no shared rope yet.',
        'gear.all_taken' => 'Every rope near {ideal_m} is taken: {tag} serves {holder}. Another of {ideal_m} would do.',
        'order.serves' => 'Nothing on the rack serves {name} tonight: {ideal_m} would.',
        'order.failed' => '{tag} failed its inspection: mend it, or buy another.',
        'order.handles' => 'The handles failed the inspection: a new pair mends it, the cable of {cable_m} stays.',
        'order.covered_shins' => 'With covered shins only: it hurts when it hits.',
        'inspect.never' => 'Nobody has looked it over yet: it is due.',
        'inspect.next' => 'Looked over on {last}, next on {next}.',
        'inspect.bearing-spins' => 'Hold one handle and spin the cable: it keeps turning freely.',
        'inspect.no-kinks' => 'Lay it out straight: no kink stays.',
        'inspect.coating-whole' => 'Run it through the fingers: the coating is whole, nowhere frayed.',
        'inspect.no-strands' => 'Look at both ends and the middle: no strand of wire shows.',
        'inspect.screws-tight' => 'Pull at each handle: the screws hold.',
        'inspect.ends-safe' => 'Feel the tails: no sharp cut end, taped flat.',
        'inspect.sides-even' => 'Stand on the middle: both handles reach the same height.',
        'cut.spare' => 'Leave {spare_m} spare on each side until a length is settled, taped flat: a cut rope can not be '
            .'let out again.',
        'cut.proven' => 'Pieces: {pieces}. Cut from {stock}, and no way needs fewer; {waste} is left over.',
        'cut.found' => 'Pieces: {pieces}. Cut from {stock}; whether fewer would do, or less be left over, is not known; '
            .'{waste} is left over.',
    ];
}
