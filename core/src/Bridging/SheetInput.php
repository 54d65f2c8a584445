<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What sheets of boxes and ecosystems have in common. */
final readonly class SheetInput
{
    private const MOST = 100;

    private const LONGEST = 40;

    /** @return list<string> forms or capabilities, each once */
    public static function words(Input $list): array
    {
        if (count($list->items()) > self::MOST) {
            throw InvalidInput::outOfRange($list->at, 'a list of at most '.self::MOST);
        }
        $words = array_map(static fn (Input $one): string => self::word($one), $list->items());

        return array_values(array_unique($words));
    }

    /**
     * @param  list<Input>  $rows  each with a form under the key, and its acts
     * @return array<string, list<Act>> by form after a blank
     */
    public static function acts(array $rows, string $key): array
    {
        $acts = [];
        foreach ($rows as $row) {
            $acts[' '.self::word($row->get($key))] = array_map(Act::fromInput(...), $row->find('acts')?->items() ?? []);
        }

        return $acts;
    }

    public static function word(Input $word): string
    {
        return preg_match('/^[\p{L}\d][\p{L}\d -]*$/Du', $word->idUpTo(self::LONGEST)) === 1
            ? $word->text()
            : throw InvalidInput::outOfRange($word->at, 'a word of letters and digits, such as matter-bridge');
    }
}
