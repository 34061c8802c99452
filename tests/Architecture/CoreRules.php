<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

/**
 * What the core may know, as one table. Amend it with a reason; the test keeps it acyclic.
 */
final class CoreRules
{
    /** Known to every module. */
    public const EVERYWHERE = ['Measure', 'Numeric', 'Stage'];

    /** module → the modules it may know beside those */
    public const ARROWS = [
        'Measure' => [],
        'Numeric' => [],
        'Stage' => [],
        // Sentences need the vocabulary's texts only, never a module's classes.
        'Messages' => [],
        'Body' => [],
        'Rope' => ['Body'],
        'Cable' => ['Rope'],
        'Rhythm' => [],
        'Sound' => ['Rhythm'],
        'Streak' => [],
        // A method jumps some patterns and not others.
        'Method' => ['Rhythm'],
        // What a drill loads is a part of the body.
        'Drill' => ['Rhythm', 'Body', 'Method'],
        'Path' => ['Drill', 'Streak', 'Method'],
        // Intervals are logged as the stage's gate counts.
        'Sets' => ['Rhythm', 'Streak', 'Drill', 'Path', 'Method'],
        'Load' => ['Drill', 'Rhythm'],
        'Pacing' => ['Streak', 'Jump'],
        'Jump' => [],
        // Whether a trim helped is read off the streaks before and after it.
        'Gear' => ['Rope', 'Cable', 'Body', 'Streak'],
        // Stepping back means a drill of the stage below; before any cue come health, load and the verdict about the rope.
        'Fault' => ['Drill', 'Method', 'Body', 'Rope', 'Cable', 'Rhythm', 'Jump', 'Today'],
        // How much room a rope takes.
        'Hall' => ['Body', 'Rope'],
        'Allowance' => ['Body'],
        // The one judgement: reads every rule it rests on, and nothing of the screens that read it.
        'Today' => ['Allowance', 'Body', 'Rope', 'Cable', 'Gear', 'Load', 'Drill', 'Method'],
        // A practice stands on everything that chooses, measures and limits work; docs/models/plan.md.
        'Plan' => ['Allowance', 'Drill', 'Rhythm', 'Method', 'Sets', 'Streak', 'Load', 'Path'],
        // A list says how tall somebody is, when they were born, and what they jumped.
        'Roster' => ['Body', 'Streak'],
        // Months of one athlete or of a gym: streaks, contacts and what a week may hold, the beat of takes.
        'Story' => ['Streak', 'Load', 'Rhythm'],
        'Calc' => [
            'Allowance',
            'Today',
            'Body',
            'Rope',
            'Cable',
            'Rhythm',
            'Sound',
            'Streak',
            'Drill',
            'Method',
            'Path',
            'Sets',
            'Load',
            'Pacing',
            'Fault',
            'Gear',
            'Jump',
            'Hall',
            'Plan',
            'Messages',
        ],
    ];

    /** Modules at the bottom: they may not even know each other, but for this. */
    public const BOTTOM = ['Measure' => [], 'Numeric' => ['Measure'], 'Stage' => ['Measure']];

    /** Functions that read a clock, chance, the environment or the world outside. */
    public const REFUSED_FUNCTIONS = [
        'time',
        'microtime',
        'hrtime',
        'date',
        'gmdate',
        'strtotime',
        'date_create',
        'mktime',
        'usleep',
        'sleep',
        'rand',
        'mt_rand',
        'random_int',
        'random_bytes',
        'uniqid',
        'lcg_value',
        'shuffle',
        'array_rand',
        'str_shuffle',
        'getenv',
        'putenv',
        'ini_get',
        'ini_set',
        'gethostname',
        'fopen',
        'file_get_contents',
        'file_put_contents',
        'file',
        'unlink',
        'mkdir',
        'glob',
        'scandir',
        'readfile',
        'is_file',
        'file_exists',
        'echo',
        'printf',
        'print_r',
        'var_dump',
        'exec',
        'shell_exec',
        'system',
        'proc_open',
        'passthru',
        'mail',
        'curl_init',
        'fsockopen',
        'error_log',
    ];

    public const MOST_FILE_LINES = 300;
    public const MOST_METHOD_LINES = 40;

    /** Names that say nothing. */
    public const REFUSED_NAMES = '/(Manager|Helper|Util|Utils|Service|Data|Processor)$/';
}
