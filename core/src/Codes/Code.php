<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** A code that was read and holds what its standard asks for. */
interface Code
{
    public function kind(): CodeKind;

    /** @return array<string, mixed> what it says, by the names of the command line */
    public function fields(): array;

    /** @return list<string> what a person should know before it is used */
    public function warnings(): array;

    /** The code as it is kept and compared: one spelling, however it was typed. */
    public function spelling(): string;

    /** The code as it is shown to a person, in groups. */
    public function shown(): string;

    /** Equal for all codes of one device, whichever of them was read. */
    public function identity(): string;

    /** Which product it is the code of, where it says so. */
    public function product(): ?ProductIds;
}
