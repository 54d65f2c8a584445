<?php

declare(strict_types=1);

namespace Kavvel\Core\Drops;

/** The main schools of where a cable may lie buried in a wall. The local code and its edition come first (RULES 9.2). */
enum DropCode: string
{
    /** Strips of a wall, whatever is seen on it (as DIN 18015-3 has them) */
    case Strips = 'strips';

    /** Straight to what is seen, and along edges (as BS 7671, 522.6 has it) */
    case Seen = 'seen';

    /** Through the middle of studs, away from nails (as NEC 300.4 has it) */
    case Studs = 'studs';

    public function words(): string
    {
        return match ($this) {
            self::Strips => 'In strips of the wall',
            self::Seen => 'Straight to what is seen',
            self::Studs => 'Through the middle of studs',
        };
    }

    /** @return array<string, string> what is permitted, by where */
    public function zones(): array
    {
        return match ($this) {
            self::Strips => [
                'Over the floor' => '0.15 to 0.45 m',
                'Over worktops' => '1.00 to 1.30 m over the floor',
                'Under the ceiling' => '0.15 to 0.45 m',
                'Beside doors, windows, corners' => '0.10 to 0.30 m, from floor to ceiling',
                'To what is seen outside of them' => 'straight up or down from the nearest',
            ],
            self::Seen => [
                'To a socket, switch or plate' => 'straight up, down or across',
                'Under the ceiling' => '0.15 m at most',
                'From a corner of walls' => '0.15 m at most',
                'Less than 50 mm deep' => 'residual-current device, or metal around it',
            ],
            self::Studs => [
                'Bored through a stud' => '32 mm from its face at least',
                'Nearer' => 'a steel plate over it',
            ],
        };
    }
}
