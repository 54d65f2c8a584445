<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What is done in an act of linking. */
enum ActKind: string
{
    case Join = 'join';
    case Names = 'names';
    case Include = 'include';
    case SwitchOn = 'switch-on';
    case SignIn = 'sign-in';
    case Window = 'window';
    case Scan = 'scan';
    case Discover = 'discover';
    case Key = 'key';
    case Expect = 'expect';
    case Count = 'count';

    /** Those that a sheet of the catalogue can ask for; the others follow from the job. */
    public const OF_SHEETS = [
        self::SwitchOn, self::SignIn, self::Window, self::Scan, self::Discover, self::Key, self::Expect,
    ];

    /** What a person says when it is done. */
    public function done(): string
    {
        return match ($this) {
            self::Join => 'They are in',
            self::Names => 'Their names are right',
            self::Include => 'These and no others',
            self::SwitchOn => 'It is on',
            self::SignIn => 'Signed in',
            self::Window => 'The window is open',
            self::Scan => 'It took the code',
            self::Discover => 'It found something',
            self::Key => 'The key is over there',
            self::Expect => 'Go on',
            self::Count => 'Counted',
        };
    }
}
