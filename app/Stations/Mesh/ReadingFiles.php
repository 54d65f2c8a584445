<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Gateway\Events\MeshRead;
use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\MeshReading;
use App\Models\Node;
use App\Models\RadioLink;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Support\Carbon;
use Kavvel\Core\Mesh\GraphMlWriter;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshFile;
use Kavvel\Core\Mesh\MeshFileNode;
use Kavvel\Core\Mesh\Role;

/** Readings as files: for other programs to look at, and from such as read a radio that no linked hub reads. */
final readonly class ReadingFiles
{
    private const LINKS_AT_ONCE = 500;

    public function __construct(private Logbook $logbook) {}

    public function write(SiteJob $job, MeshReading $reading): string
    {
        $sheet = JobSheet::of($job);
        $cards = [];
        foreach ($sheet->ofProtocol($reading->protocol) as $card) {
            $cards[(string) $card->node?->address] = $card;
        }
        $routers = array_column(array_filter($sheet->nodes, static fn (Node $node): bool => $node->is_router), 'address', 'address');
        $links = [];
        $oneWay = [];
        $seen = [MeshFileNode::HUB => true];
        foreach ($reading->links()->orderBy('id')->get() as $at => $link) {
            $links[] = new Link($link->a, $link->b, $link->margin_db, $link->margin_back_db);
            $seen[$link->a] = $seen[$link->b] = true;
            if ($link->margin_back_db === null) {
                $oneWay[] = $at;
            }
        }
        foreach ($reading->members ?? [] as $member) {
            $seen[$member['address']] = true;
        }
        $nodes = array_map(
            static fn (int|string $address): MeshFileNode => self::node((string) $address, $cards, $routers),
            array_keys($seen),
        );
        $at = $reading->ended_at?->toDateTimeImmutable();

        return GraphMlWriter::write(new MeshFile($reading->protocol, $nodes, $links, $oneWay, $at));
    }

    /** @throws ReadingRefused where no hub of the job has such a radio */
    public function take(SiteJob $job, MeshFile $file, User $person): MeshReading
    {
        $hubs = array_filter(
            JobSheet::of($job)->hubs,
            static fn (Hub $hub): bool => in_array($file->protocol, $hub->speaks, true),
        );
        $hub = array_values($hubs)[0] ?? throw ReadingRefused::noHubSpeaks($file->protocol);
        $at = $file->readAt === null ? now() : Carbon::instance($file->readAt);
        $reading = MeshReading::query()->create([
            'site_job_id' => $job->id, 'gateway_id' => $hub->gateway->id, 'reference' => (string) str()->ulid(),
            'protocol' => $file->protocol, 'state' => 'done', 'user_id' => $person->id, 'asked_at' => $at, 'ended_at' => $at,
        ]);
        $rows = array_map(static fn (Link $link, int $number): array => [
            'company_id' => $job->company_id, 'mesh_reading_id' => $reading->id, 'a' => $link->a, 'b' => $link->b,
            'margin_db' => $link->marginDb, 'margin_back_db' => in_array($number, $file->oneWay, true) ? null : $link->marginBackDb,
        ], $file->links, array_keys($file->links));
        foreach (array_chunk($rows, self::LINKS_AT_ONCE) as $some) {
            RadioLink::query()->insert($some);
        }
        $this->logbook->write($job, $person, 'mesh', "Took in a reading of {$file->protocol->title()} from a file.");
        event(new MeshRead($reading, count($rows), true));

        return $reading;
    }

    /**
     * @param  array<string, SlotCard>  $cards  by address
     * @param  array<string, string>  $routers  addresses
     */
    private static function node(string $address, array $cards, array $routers): MeshFileNode
    {
        if ($address === MeshFileNode::HUB) {
            return new MeshFileNode($address, Role::Root, 'Hub');
        }
        $card = $cards[$address] ?? null;

        return new MeshFileNode(
            $address,
            isset($routers[$address]) ? Role::Router : Role::End,
            $card === null ? '' : ($card->slot->name ?? $card->title()),
            $card->room ?? '',
        );
    }
}
