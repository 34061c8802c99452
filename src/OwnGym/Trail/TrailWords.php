<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Trail;

/**
 * What tables and their columns are called where people read them.
 */
final class TrailWords
{
    /** By table. */
    public const KINDS = [
        'athlete' => 'athlete',
        'attempt' => 'entry in the log',
        'cable' => 'cable',
        'coach' => 'sign-in',
        'day_stop' => 'end of jumping for the day',
        'evening_note' => 'note of the evening',
        'focus' => 'focus',
        'gym' => 'settings',
        'import' => 'file',
        'noted_caution' => 'caution',
        'rack_rope' => 'shared rope',
        'rope' => 'rope',
        'rope_pin' => 'pin of a shared rope',
        'way_in' => 'link',
    ];

    /** By column, whichever table it stands in. */
    public const COLUMNS = [
        'athlete_id' => 'whose',
        'beginners_school' => 'beginners are sized by',
        'birth_year' => 'birth year',
        'cable_id' => 'cable',
        'cable_length_m' => 'cable length',
        'caution' => 'caution',
        'ceiling_m' => 'ceiling',
        'class_times' => 'classes of the week',
        'clean' => 'clean',
        'coach_id' => 'whose sign-in',
        'computed_cable_m' => 'computed length',
        'confirmed' => 'looked over',
        'degree' => 'how much',
        'diameter_m' => 'thickness',
        'dominant_hand' => 'stronger hand',
        'email' => 'e-mail',
        'ended' => 'ended by',
        'experience' => 'came with',
        'expires_at' => 'good until',
        'failed' => 'failed at the inspection',
        'family' => 'kind of cable',
        'fault' => 'fault',
        'given_at' => 'since',
        'guardian_consent' => 'a guardian agreed',
        'guest_on' => 'guest on',
        'handle_length_m' => 'handle',
        'inspected_on' => 'looked over on',
        'kept_back' => 'kept back',
        'kind' => 'kind',
        'lifted_by' => 'cleared by the word of',
        'lifted_on' => 'cleared on',
        'lifted_with' => 'cleared with',
        'lifted_words' => 'words',
        'local_day' => 'day',
        'logged_at' => 'logged',
        'logged_by' => 'logged by',
        'made_by' => 'made by',
        'misses' => 'misses',
        'name' => 'name',
        'note' => 'note',
        'noted_at' => 'noted',
        'noted_by' => 'noted by',
        'noted_on' => 'noted on',
        'override_reason' => 'why another length',
        'password_hash' => 'password',
        'piece_g' => 'weight of the piece in grams',
        'piece_m' => 'weighed piece',
        'place' => 'where it hurts',
        'professional' => 'professional',
        'professional_on' => 'seen by them on',
        'rack_rope_id' => 'shared rope',
        'reading' => 'read at',
        'reps' => 'reps',
        'role' => 'role',
        'school' => 'sized by',
        'secret_hash' => 'secret',
        'signs' => 'noticed',
        'stage' => 'stage',
        'stance' => 'stance',
        'stated_by' => 'stated by',
        'stature_m' => 'height',
        'stopped_by' => 'ended by',
        'tag' => 'tag',
        'tails_cut_on' => 'tails cut on',
        'taped_armpit_m' => 'armpit, taped',
        'taped_breastbone_m' => 'breastbone, taped',
        'taped_chest_m' => 'chest, taped',
        'taped_shoulder_m' => 'shoulder, taped',
        'text' => 'text',
        'time_zone' => 'time zone',
        'trim_school' => 'comes to the length by',
        'unit' => 'lengths in',
        'until_on' => 'until',
        'used_at' => 'used',
        'why' => 'why',
        'written_at' => 'written',
        'written_by' => 'written by',
    ];

    /** A code of the job as one says it: "single-under" → "single under". */
    public static function ofCode(string $code): string
    {
        return 1 === preg_match('/^[a-z]+([-_][a-z0-9]+)*$/', $code) ? strtr($code, '-_', '  ') : $code;
    }
}
