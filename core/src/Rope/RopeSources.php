<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * Behind each number of a rope: the rule it comes from, with the rule's own numbers, and how sure that is.
 */
final class RopeSources
{
    public static function cable(): Verdict
    {
        return Verdict::of('why.cable');
    }

    public static function overall(): Verdict
    {
        return Verdict::of('why.overall', ['added_ft' => Length::ofMetres(RopeSizing::RULE_OF_HEIGHT_M)->wholeFeet()]);
    }

    public static function handle(): Verdict
    {
        return Verdict::of('why.handle', [
            'short_m' => Handle::SHORT_LENGTH_M,
            'long_m' => Handle::LONG_LENGTH_M,
            'off_m' => 2 * (Handle::LONG_LENGTH_M - Handle::SHORT_LENGTH_M),
        ]);
    }

    public static function cut(): Verdict
    {
        return Verdict::of('why.cut', ['spare_m' => RopeSizing::USUAL_SPARE_M, 'inside_m' => Handle::INSIDE_M]);
    }

    public static function uncertainty(): Verdict
    {
        return Verdict::of('why.uncertainty', [
            'percent' => self::percent(Landmark::SPREAD),
            'tape_m' => Body::TAPE_UNCERTAINTY_M,
        ]);
    }

    public static function spread(): Verdict
    {
        return Verdict::of('why.spread', ['schools' => \count(School::cases())]);
    }

    public static function goal(): Verdict
    {
        return Verdict::of('why.goal', ['linked' => Term::of(SchoolInForce::FOR_LINKED_DOUBLES)]);
    }

    public static function arc(): Verdict
    {
        return Verdict::of('why.arc');
    }

    public static function wideHands(Length $eachHand): Verdict
    {
        return Verdict::of('why.wide', ['each_m' => $eachHand->metres()]);
    }

    public static function raisedHands(): Verdict
    {
        return Verdict::of('why.raised');
    }

    public static function reach(): Verdict
    {
        return Verdict::of('why.reach');
    }

    public static function ceiling(): Verdict
    {
        return Verdict::of('why.ceiling', [
            'jump_m' => Clearance::USUAL_JUMP_M,
            'margin_m' => Clearance::USUAL_CEILING_MARGIN_M,
        ]);
    }

    public static function ahead(): Verdict
    {
        return Verdict::of('why.ahead', [
            'percent' => self::percent(SideView::HANDS_AHEAD_SHARE),
            'toes_percent' => self::percent(SideView::TOES_AHEAD_SHARE),
        ]);
    }

    public static function step(): Verdict
    {
        return Verdict::of('why.step');
    }

    public static function offBy(): Verdict
    {
        return Verdict::of('why.off_by', [
            'short_m' => RightLength::MOST_SHORT_M,
            'long_m' => RightLength::MOST_LONG_M,
        ]);
    }

    public static function partner(): Verdict
    {
        return Verdict::of('why.partner', ['apart_m' => PartnerRope::APART_M, 'gap_m' => PartnerRope::GAP_M]);
    }

    public static function turned(): Verdict
    {
        return Verdict::of('why.turned', ['least_ft' => Length::ofMetres(TurnedRope::LEAST_M)->wholeFeet()]);
    }

    private static function percent(float $share): int
    {
        return (int) round(100 * $share);
    }
}
