<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Something at a box or in an account that is opened for the work only, beside sharing windows. */
enum Opening: string
{
    case RemoteAccess = 'remote-access';
    case AccountFunction = 'account-function';
    case InstallerAccess = 'installer-access';

    /** Characters of a name that fit the register */
    private const NAME = 40;

    public function words(): string
    {
        return match ($this) {
            self::RemoteAccess => 'Remote access',
            self::AccountFunction => 'A function of the account that shows a key',
            self::InstallerAccess => 'An access of ours in the client’s account',
        };
    }

    /** What it means for the house as long as it is open. */
    public function effect(): string
    {
        return match ($this) {
            self::RemoteAccess => 'whoever has it works the house from outside',
            self::AccountFunction => 'whoever signs in there can copy the key of a lock or a lamp',
            self::InstallerAccess => 'we could work the house after we have left',
        };
    }

    /** Who closes it, and where. */
    public function closing(): string
    {
        return match ($this) {
            self::RemoteAccess => 'we switch it off on the page of the box',
            self::AccountFunction => 'the client switches it off in the account',
            self::InstallerAccess => 'the client takes us out of the account',
        };
    }

    /** @param string $of a box or an ecosystem, as people call it */
    public function register(string $of): string
    {
        $short = mb_strimwidth($of, 0, self::NAME, '…');

        return "{$this->words()}, {$short}: {$this->effect()}; {$this->closing()}";
    }
}
