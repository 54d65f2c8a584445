<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\Gateway;
use Illuminate\Support\Carbon;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** Something that a gateway told of: by whom, and when by its own clock. */
abstract readonly class GatewayEvent
{
    /** As many characters as the database keeps */
    protected const LONGEST_ID = 64;

    protected const LONGEST_TEXT = 200;

    protected const MOST_STEPS = 65_535;

    public function __construct(public Gateway $gateway, public Carbon $at) {}

    /** @throws InvalidInput with the path of what is missing or of the wrong kind */
    abstract public static function read(Gateway $gateway, Carbon $at, Input $data): self;

    /** A value may be text, a number or a truth: people read it. */
    protected static function asText(Input $value): string
    {
        $text = $value->scalar();

        return mb_strlen($text) <= self::LONGEST_TEXT
            ? $text
            : throw InvalidInput::outOfRange($value->at, 'text of at most '.self::LONGEST_TEXT.' characters');
    }
}
