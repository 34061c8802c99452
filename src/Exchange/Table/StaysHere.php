<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

/**
 * What of the database goes into no file, and why: everything else does. A new table or column stands here or in Tables.
 */
final class StaysHere
{
    /** By table. */
    public const TABLES = [
        'coach' => 'who may sign in, and their passwords: another server has its own',
        'way_in' => 'links by which somebody gets in',
        'signed_in_device' => 'where somebody is signed in',
        'sessions' => 'the same',
        'first_code' => 'the code of a machine\'s first gym',
        'cache_items' => 'counted attempts to sign in',
        'lock_keys' => 'whose guess is being counted just now',
        'planned_practice' => 'what was planned for the class of a day',
        'accepted_weeks' => 'the four weeks that a coach accepted',
        'calendar_link' => 'addresses under which calendars are fetched: a secret',
        'athlete_card' => 'links to athletes\' own cards: a secret',
        'card_aside' => 'what a withdrawn card sent, until a coach has decided',
        'class_clock' => 'the clock of a class, until it ends',
        'class_end' => 'that somebody has looked over what a class did',
        'hall_spot' => 'where somebody stood in this hall',
        'practice' => 'follows from the log',
        'practice_set' => 'follows from the log',
        'day_sum' => 'worked out from the log',
        'stage_days' => 'worked out from the log',
        'mutation' => 'which writes came before, so that none counts twice',
        'gym_change' => 'what changed lately, for open screens',
        'gym_file' => 'recordings and files that were sent',
        'gym_file_piece' => 'the same, their bytes',
        'job' => 'imports and recordings that are worked on',
        'erased' => 'who was erased: their ids stay with this server and its backups',
        'schema_versions' => 'the state of the database itself',
    ];

    /** Of the tables that travel. */
    public const COLUMNS = [
        'gym_id' => 'whose it is: a file may go to another gym',
        'version' => 'counts the changes here',
        'removed_at' => 'what was removed does not travel',
        'set_id' => 'follows from the drill and the day',
        'local_day' => 'follows from the instant and the gym\'s time zone',
        'trail.written_here' => 'what came with a file is told apart: a file can say anything',
        'gym.id' => 'a gym keeps its own',
        'gym.name' => 'the same; told at the head of the JSON file',
        'gym.revision' => 'counts the writes here',
    ];

    public static function hasColumn(string $table, string $column): bool
    {
        return isset(self::COLUMNS[$column]) || isset(self::COLUMNS[$table.'.'.$column]);
    }
}
