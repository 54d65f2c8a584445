<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What is next while an old path is replaced. */
enum MigrationStep: string
{
    case ListUsers = 'list-users';
    case Make = 'make';
    case Prove = 'prove';
    case TakeOver = 'take-over';
    case Remove = 'remove';

    public function words(): string
    {
        return match ($this) {
            self::ListUsers => 'Note what uses the old path',
            self::Make => 'Make the new link',
            self::Prove => 'Prove the new path',
            self::TakeOver => 'Point what used the old to the new',
            self::Remove => 'Take the old path out',
        };
    }

    /**
     * @param  bool  $isReplaced  a new path leads where the old one led
     * @return list<self> in the order of a school
     */
    public static function order(MigrationSchool $school, bool $isReplaced): array
    {
        return match (true) {
            ! $isReplaced => [self::ListUsers, self::Remove],
            $school === MigrationSchool::RemoveAtOnce => [self::ListUsers, self::Remove, self::Make, self::Prove, self::TakeOver],
            default => [self::ListUsers, self::Make, self::Prove, self::TakeOver, self::Remove],
        };
    }
}
