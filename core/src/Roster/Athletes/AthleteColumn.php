<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Athletes;

/**
 * What a column of a list of athletes holds. Everything else is left where it is: a telephone number is no matter of ours.
 */
enum AthleteColumn: string
{
    case FirstName = 'first-name';
    case LastName = 'last-name';
    case Name = 'name';
    case Height = 'height';
    /** Beside one of feet. */
    case Inches = 'inches';
    case Birth = 'birth';
    case Age = 'age';
    case Hand = 'hand';
    case Experience = 'experience';

    /** Nothing of these: looks like one and is another (a shoe's size, a rope's length, how high somebody jumps). */
    private const OTHER = '/rope|cable|cord|seil|cuerda|corde|shoe|shirt|jump|box|handle|emergency|parent|guardian|weight'
        .'|date of (?!birth)/';

    /** By which words a heading says it, the narrower first; common practice in some languages. */
    private const WORDS = [
        'first-name' => '/\b(first|given|fore|christian) ?-?name|^first$|vorname|prenom|voornaam/',
        'last-name' => '/\b(last|family|sur) ?-?name|^last$|surname|nachname|familienname|apellido|achternaam|cognome|nom de famille/',
        'birth' => '/birth|\bborn\b|\bdob\b|\bd o b\b|\byob\b|geburt|geboren|geboorte|naissance|nacimiento|nascita|jahrgang/',
        'age' => '/\bage\b|\balter\b|\bedad\b|leeftijd/',
        'height' => '/height|\bht\b|\bhgt\b|\btall\b|stature|grosse|altura|estatura|\btaille\b|lengte|altezza|^(cm|ft|in|m)$/',
        'hand' => '/\bhand(ed|edness)?\b|dominant/',
        'experience' => '/experience|\blevel\b|\bstage\b|\bskill|niveau|nivel|erfahrung/',
        'name' => '/\bnames?\b|athlete|member|participant|\bclient|\bchild|\bkid|student|pupil'
            .'|\bwho\b|\bnom\b|nombre|\bnaam\b|\bnome\b|\bperson\b/',
    ];

    /** @return self|null null: nothing that is read here */
    public static function ofHeading(string $heading): ?self
    {
        $plain = trim((string) preg_replace('/[^\p{L}\d]+/u', ' ', strtr(mb_strtolower($heading), ['ö' => 'o', 'ß' => 'ss', 'é' => 'e'])));
        if ('' === $plain || 1 === preg_match(self::OTHER, $plain)) {
            return null;
        }
        foreach (self::WORDS as $column => $words) {
            if (1 === preg_match($words, $plain)) {
                return self::from($column);
            }
        }

        return null;
    }
}
