<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Codes\CodeStore;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Credential;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Codes\Code;
use Kavvel\Core\Pairing\CodeMatch;

/** The codes that wait for their device, those that have found it, and the devices whose code is still to come. */
final readonly class CodeTray
{
    /**
     * @param  list<array{credential: Credential, code: Code, product: string|null, fits: list<SlotCard>}>  $waiting
     * @param  list<array{credential: Credential, card: SlotCard}>  $found
     * @param  list<SlotCard>  $missing  devices that don't join without
     */
    private function __construct(public array $waiting, public array $found, public array $missing) {}

    public static function of(JobSheet $sheet, WorkList $work, CodeStore $codes): self
    {
        $keys = array_keys($codes->openSlots($sheet->job));
        $cards = array_intersect_key(array_column(array_map(
            static fn (SlotCard $card): array => [$card->key(), $card],
            $work->cards(),
        ), 1, 0), array_flip($keys));
        $profiles = array_map(static fn (SlotCard $card): Profile => $card->profile, $cards);
        $waiting = [];
        $found = [];
        $stored = $codes->ofDevices($sheet->job)->latest('id')->get();
        foreach ($stored as $credential) {
            $card = $sheet->cardOfSlot($credential->slot_id);
            if ($card !== null) {
                $found[] = ['credential' => $credential, 'card' => $card];
            } else {
                $code = $credential->code();
                $waiting[] = [
                    'credential' => $credential,
                    'code' => $code,
                    'product' => self::product($code, $sheet),
                    'fits' => array_map(static fn (string $key): SlotCard => $cards[$key], CodeMatch::slots($code, $profiles)),
                ];
            }
        }

        return new self($waiting, $found, array_values(array_filter(
            $cards,
            static fn (SlotCard $card): bool => $card->profile->codeSheet?->isNeeded === true,
        )));
    }

    /** All that it shows, as a version. */
    public function version(): string
    {
        return serialize([
            array_map(static fn (array $one): array => [
                $one['credential']->id, array_map(static fn (SlotCard $card): array => [$card->key(), $card->fullTitle()], $one['fits']),
            ], $this->waiting),
            array_map(static fn (array $one): array => [$one['credential']->id, $one['card']->fullTitle()], $this->found),
            array_map(static fn (SlotCard $card): array => [$card->key(), $card->fullTitle()], $this->missing),
        ]);
    }

    /** What the plan calls the product that a code names; its numbers where it plans none of them. */
    private static function product(Code $code, JobSheet $sheet): ?string
    {
        $product = $code->product();
        if ($product === null) {
            return null;
        }
        foreach ($sheet->cards as $card) {
            if ($card->profile->codeSheet?->ids?->equals($product) === true) {
                return $card->profile->name;
            }
        }

        return $product->words();
    }
}
