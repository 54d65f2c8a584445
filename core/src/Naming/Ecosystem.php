<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Input\InvalidInput;

/** A platform that shows the names: how many characters it takes (null: no limit known), and whether it adds the room itself. */
final readonly class Ecosystem
{
    public const MOST_CHARACTERS = 250;

    public function __construct(public string $id, public ?int $maxLength, public bool $addsRoom = false) {}

    /**
     * One a line, as a person writes them: "voice platform, 30, adds the room", or the name alone.
     *
     * @return list<self>
     *
     * @throws InvalidInput on a length that is none, or a name that stands twice
     */
    public static function fromLines(string $text): array
    {
        $all = [];
        foreach (Text::lines($text) as $number => $line) {
            $at = 'line '.($number + 1);
            $bare = (string) preg_replace('/[,;]\s*adds (?:the )?room$/iu', '', $line);
            [$name, $length] = preg_match('/^(.*?)[,;]\s*(-?\d+)$/u', $bare, $found) === 1
                ? [Text::squeeze($found[1]), (int) $found[2]]
                : [$bare, null];
            if ($length !== null && ($length < 1 || $length > self::MOST_CHARACTERS)) {
                $most = self::MOST_CHARACTERS;
                throw InvalidInput::outOfRange($at, "a name and its longest, 1 to {$most} characters, such as “voice platform, 30”");
            }
            if ($name === '' || isset($all[Text::fold($name).' '])) {
                throw InvalidInput::duplicateId($name, $at);
            }
            $all[Text::fold($name).' '] = new self($name, $length, $bare !== $line);
        }

        return array_values($all);
    }
}
