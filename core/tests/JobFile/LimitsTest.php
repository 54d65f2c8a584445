<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\JobFile;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\JobFile\Limits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each limit of docs/formats.md, at its edge and one beyond. */
final class LimitsTest extends TestCase
{
    public function test_the_lengths_of_the_lists(): void
    {
        self::assertSame([
            'storeys' => 50, 'rooms' => 1_000, 'walls' => 4_000,
            'ducts' => 200, 'underlays' => 50, 'heardNetworks' => 2_000, 'wants' => 10_000, 'leftOut' => 5_000,
            'circuits' => 500, 'keyUses' => 5_000, 'heating' => 1_000,
            'closings' => 500, 'pointSteps' => 30_000, 'tradeWorks' => 10_000, 'designerCounts' => 500,
            'existing' => 2_000, 'measures' => 5_000, 'fits' => 1_000, 'isolations' => 2_000, 'temporaryStates' => 2_000, 'profiles' => 500,
            'points' => 5_000, 'gateways' => 50, 'nodes' => 2_000,
            'slots' => 1_000, 'attempts' => 10_000, 'proofs' => 10_000, 'meshReadings' => 500, 'questions' => 2_000, 'snags' => 5_000,
            'log' => 20_000, 'members' => 500, 'busAddresses' => 4_000, 'meshProposals' => 500,
            'bridgeSheets' => 200, 'ecosystems' => 50, 'boxes' => 100, 'toldLosses' => 5_000, 'bridgeLinks' => 1_000, 'setNames' => 10_000,
            'wrappers' => 1_000, 'crossings' => 1_000,
        ], Limits::MOST);
        foreach (Limits::MOST as $section => $most) {
            self::assertSame("$.{$section}", $this->refusal($section, array_fill(0, $most + 1, [])));
            self::assertNotSame("$.{$section}", $this->refusal($section, array_fill(0, $most, [])));
        }
    }

    /** @return list<array{string, int}> a text, and its most characters */
    public static function texts(): array
    {
        return [
            ['job.name', 255], ['job.client.name', 255], ['job.client.email', 255], ['job.client.phone', 255], ['job.address', 255],
            ['storeys.0.name', 255], ['rooms.0.name', 255], ['rooms.0.code', 8], ['walls.0.label', 255], ['walls.2.openings.0.kind', 40],
            ['profiles.0.name', 255], ['profiles.0.model', 255], ['profiles.0.caution', 500], ['profiles.0.capabilities.0', 80],
            ['points.0.purpose', 40], ['gateways.0.name', 255], ['nodes.0.model', 255], ['nodes.0.firmware', 40], ['nodes.0.label', 255],
            ['nodes.0.capabilities.0', 80], ['slots.0.place', 255], ['slots.0.what', 255], ['slots.0.feed', 255], ['slots.0.note', 255],
            ['slots.0.name', 255], ['attempts.0.missing.0', 80], ['proofs.0.reason', 255], ['proofs.0.by', 255],
            ['proofs.0.withdrawn.by', 255], ['proofs.0.withdrawn.because', 255], ['questions.0.text', 500], ['questions.0.owner', 255],
            ['questions.0.otherwise', 500], ['questions.0.answer', 600], ['snags.0.text', 500], ['snags.0.raisedBy', 255],
            ['snags.0.closedBy', 255], ['snags.0.acceptedBy', 255], ['log.0.by', 255], ['log.0.kind', 40], ['log.0.text', 1_000],
            ['questions.0.trade', 80], ['questions.0.costEffect', 255], ['questions.0.about', 190],
            ['questions.0.sources.0.who', 120], ['questions.0.sources.0.says', 120], ['existing.0.what', 120],
            ['existing.0.holderName', 120], ['existing.0.note', 255], ['measures.0.opening', 120],
            ['members.0', 255], ['meshReadings.0.links.0.a', 40], ['meshReadings.0.links.0.b', 40],
            ['meshReadings.0.members.0.address', 40],
            ['meshReadings.0.members.0.standing', 255], ['busAddresses.0.name', 120], ['busAddresses.0.point', 120],
            ['slots.0.taught.keys.0.name', 40], ['slots.0.taught.keys.0.by', 255],
        ];
    }

    #[DataProvider('texts')]
    public function test_the_lengths_of_the_texts(string $path, int $most): void
    {
        $at = self::at($path);
        self::assertNotSame($at, $this->refusal($path, str_repeat('ß', $most)));
        self::assertSame($at, $this->refusal($path, str_repeat('ß', $most + 1)));
        self::assertSame($at, $this->refusal($path, "a\0b"));
    }

    /** @return list<array{string, float|int, float|int, float|int}> a number, its least and its most, and the step beyond */
    public static function numbers(): array
    {
        return [
            ['job.upBearing', 0, 360, 0.01], ['measures.0.door.backsetMm', 0, 2_000, 0.1], ['measures.0.window.widthM', 0, 20, 0.01],
            ['job.acceptanceDb', 0, 100, 0.01], ['job.clutterConstantDb', 0, 100, 0.01], ['job.clutterDbPerMetre', 0, 100, 0.01],
            ['job.visit.number', 0, 255, 1], ['job.visit.of', 0, 255, 1], ['job.visit.plannedMinutes', 0, 65_535, 1],
            ['job.visit.usedMinutes', 0, 65_535, 1], ['storeys.0.level', -200, 200, 1], ['storeys.0.elevation', -10_000, 10_000, 0.01],
            ['walls.2.openings.0.sill', 0, 1_000, 0.01], ['nodes.0.batteryPercent', 0, 100, 1], ['attempts.0.interviewDone', 0, 65_535, 1],
            ['attempts.0.interviewTotal', 0, 65_535, 1], ['attempts.0.marginDb', -1_000, 1_000, 0.01],
            ['slots.0.position.0', -10_000, 10_000, 0.01], ['walls.0.layers.0.thickness', 0, 20, 0.01],
            ['meshReadings.0.links.0.marginDb', -1_000, 1_000, 0.01], ['meshReadings.0.links.0.marginBackDb', -1_000, 1_000, 0.01],
        ];
    }

    #[DataProvider('numbers')]
    public function test_the_ends_of_the_numbers(string $path, float|int $least, float|int $most, float|int $step): void
    {
        $at = self::at($path);
        foreach ([$least, $most] as $edge) {
            self::assertNotSame($at, $this->refusal($path, $edge), "{$path} {$edge}");
        }
        foreach ([$least - $step, $most + $step] as $beyond) {
            self::assertSame($at, $this->refusal($path, $beyond), "{$path} {$beyond}");
        }
    }

    /** @return list<array{string, mixed, int}> a list, an entry of it, and the most of them */
    public static function lists(): array
    {
        $link = ['a' => 'A', 'b' => 'B', 'marginDb' => 1];

        return [
            ['walls.0.layers', ['material' => 'brick', 'thickness' => 0.1], 30], ['rooms.0.outline', [0, 0], 500],
            ['profiles.0.capabilities', 'x', 100], ['nodes.0.capabilities', 'x', 100], ['attempts.0.missing', 'x', 100],
            ['gateways.0.networks', ['protocol' => 'zigbee', 'linked' => false], 20], ['meshReadings.0.links', $link, 20_000],
            ['meshReadings.0.members', ['slot' => 's', 'address' => 'A', 'standing' => 'x'], 1_000],
            ['walls.0.openings', [
                'kind' => 'door', 'offset' => 0, 'width' => 1, 'sill' => 0, 'head' => 2, 'layers' => [],
            ], 100],
            ['slots.0.taught.keys', ['name' => 'x', 'toggles' => false, 'learnt' => false], 100],
        ];
    }

    #[DataProvider('lists')]
    public function test_the_lengths_of_lists_in_rows(string $path, mixed $entry, int $most): void
    {
        self::assertNotSame([self::at($path), true], $this->refusalOfLength($path, array_fill(0, $most, $entry)));
        self::assertSame([self::at($path), true], $this->refusalOfLength($path, array_fill(0, $most + 1, $entry)));
    }

    /** @return array{string|null, bool} where, and whether the length of a list is the reason */
    private function refusalOfLength(string $path, mixed $value): array
    {
        try {
            JobFile::parse((string) json_encode(self::with($path, $value)));

            return [null, false];
        } catch (InvalidInput $refused) {
            return [$refused->at, str_contains($refused->getMessage(), 'a list of at most')];
        }
    }

    /** @return string|null the path at which the file is refused with this value in it */
    private function refusal(string $path, mixed $value): ?string
    {
        try {
            JobFile::parse((string) json_encode(self::with($path, $value)));

            return null;
        } catch (InvalidInput $refused) {
            return $refused->at;
        }
    }

    /** @return array<string, mixed> a file with something in every list */
    private static function with(string $path, mixed $value): array
    {
        $time = '2026-11-20T09:00:00Z';
        $data = json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/hollin-barn.json'), true);
        $slot = $data['slots'][0]['key'];
        $data['attempts'] = [['slot' => $slot, 'state' => 'joined', 'startedAt' => $time, 'missing' => ['x']]];
        $data['proofs'] = [['slot' => $slot, 'rung' => 'hand', 'outcome' => 'passed', 'at' => $time, 'withdrawn' => [
            'at' => $time, 'by' => 'Mara', 'because' => 'so',
        ]]];
        $data['questions'] = [[
            'key' => 'q', 'text' => 'x', 'owner' => 'x', 'otherwise' => 'x', 'dueOn' => '2026-11-20',
            'sources' => [['who' => 'x', 'says' => 'x']],
        ]];
        $data['existing'] = [[
            'key' => 'e', 'room' => $data['rooms'][0]['key'], 'what' => 'x', 'protocol' => 'zigbee', 'holder' => 'hub', 'fate' => 'keep',
        ]];
        $data['measures'] = [['opening' => 'x', 'door' => [], 'window' => []]];
        $data['snags'] = [['key' => 's', 'text' => 'x', 'raisedBy' => 'x', 'raisedAt' => $time, 'state' => 'open']];
        $data['log'] = [['at' => $time, 'by' => 'x', 'kind' => 'note', 'text' => 'x']];
        $data['busAddresses'] = [['address' => '1/2/3', 'name' => 'x', 'point' => 'x']];
        $data['slots'][0]['taught'] = ['keys' => [['name' => 'x', 'toggles' => false, 'learnt' => false]]];
        $data['members'] = ['mara@tarn-thistle.example'];
        $data['meshReadings'] = [['gateway' => $data['gateways'][0]['key'], 'protocol' => 'zigbee', 'askedAt' => $time, 'links' => [
            ['a' => 'A', 'b' => 'B', 'marginDb' => 1],
        ], 'members' => [['slot' => $slot, 'address' => 'A', 'standing' => 'x']]]];
        $data['walls'][0]['layers'] = [['material' => 'brick', 'thickness' => 0.1]];
        $data['points'] = $data['points'] ?: [[
            'key' => 'p',
            'room' => $data['rooms'][0]['key'],
            'position' => [0, 0, 0],
            'purpose' => 'x',
            'mains' => true,
        ]];
        $at = &$data;
        foreach (explode('.', $path) as $key) {
            $at = &$at[ctype_digit($key) ? (int) $key : $key];
        }
        $at = $value;

        return $data;
    }

    private static function at(string $path): string
    {
        return '$.'.preg_replace('/\.(\d+)(?=\.|$)/', '[$1]', $path);
    }
}
