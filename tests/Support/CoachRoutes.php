<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\AccountLink;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\OwnCard;
use App\Models\OwnDrill;
use App\Models\SheetImport;
use App\Models\SheetPreset;
use App\Stills\StillFolder;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use LowPoint\Core\Ledger\BlindCases;

/** Every route of a coach with an address of one of Maren's students, and a body that the right coach may send there. */
trait CoachRoutes
{
    use Saltgrass;

    private const JPEG =
        '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDABALDA4MChAODQ4SERATGCgaGBYWGDEjJR0oOjM9PDkzODdASFxOQERXRTc4UG1RV19iZ2hnPk1xeX'.
        'BkeFxlZ2P/2wBDARESEhgVGC8aGi9jQjhCY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2P/wAARCAAC'.
        'AAIDASIAAhEBAxEB/8QAHwAAAQUBAQEBAQEAAAAAAAAAAAECAwQFBgcICQoL/8QAtRAAAgEDAwIEAwUFBAQAAAF9AQIDAAQRBRIhMUEGE1FhBy'.
        'JxFDKBkaEII0KxwRVS0fAkM2JyggkKFhcYGRolJicoKSo0NTY3ODk6Q0RFRkdISUpTVFVWV1hZWmNkZWZnaGlqc3R1dnd4eXqDhIWGh4iJipKT'.
        'lJWWl5iZmqKjpKWmp6ipqrKztLW2t7i5usLDxMXGx8jJytLT1NXW19jZ2uHi4+Tl5ufo6erx8vP09fb3+Pn6/8QAHwEAAwEBAQEBAQEBAQAAAA'.
        'AAAAECAwQFBgcICQoL/8QAtREAAgECBAQDBAcFBAQAAQJ3AAECAxEEBSExBhJBUQdhcRMiMoEIFEKRobHBCSMzUvAVYnLRChYkNOEl8RcYGRom'.
        'JygpKjU2Nzg5OkNERUZHSElKU1RVVldYWVpjZGVmZ2hpanN0dXZ3eHl6goOEhYaHiImKkpOUlZaXmJmaoqOkpaanqKmqsrO0tba3uLm6wsPExc'.
        'bHyMnK0tPU1dbX2Nna4uPk5ebn6Onq8vP09fb3+Pn6/9oADAMBAAIRAxEAPwCOiiigD//Z';

    /** @return list<array{string, string, Route}> method, address with the ids of one of Maren's students in it, route */
    private function coachRoutes(): array
    {
        $known = $this->ids();
        $found = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (
                str_starts_with($route->uri(), 'api/')
                && \in_array('auth:sanctum', $route->gatherMiddleware(), true)
                && $route->uri() !== 'api/sign-out'
            ) {
                // Whoever is handed over is none of the others' business any more.
                $ids = [...$known, ...$route->getName() === 'student-share.hand-over' ? ['student' => $known['spare']] : []];
                $address =
                    '/'.
                    preg_replace_callback(
                        '/{(\w+)}/',
                        static fn(array $part): string => (string) ($ids[$part[1]] ?? self::fail("no id for {$part[1]}")),
                        $route->uri(),
                    );
                $found[] = [$route->methods()[0], $address, $route];
            }
        }

        return $found;
    }

    /** @return list<array{string, string, Route}> the same of the student's page behind a link */
    private function linkRoutes(string $token): array
    {
        $found = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/shared/')) {
                $address = str_replace(['{token}', '{resultId}', '{noteId}'], [$token, self::id(), self::id()], $route->uri());
                $found[] = [$route->methods()[0], "/{$address}", $route];
            }
        }

        return $found;
    }

    /** A grey picture of 2 by 2 px. */
    private static function jpeg(): string
    {
        return (string) base64_decode(self::JPEG, true);
    }

    /** @return array<string, string|int> */
    private function ids(): array
    {
        $bea = $this->student('Bea');
        $lesson = $bea->lessons()->has('prescription')->firstOrFail();
        $set = $lesson->sets()->firstOrFail();
        $import = SheetImport::query()->firstOrCreate(
            ['student_id' => $bea->id],
            ['name' => 'a.csv', 'hash' => str_repeat('0', 64), 'total' => 2, 'state' => SheetImport::DONE],
        );
        $preset = SheetPreset::query()->firstOrCreate(
            ['coach_id' => $bea->coach_id],
            [
                'name' => 'Range',
                'mapping' => [
                    'columns' => [['header' => 'Hit', 'key' => 'strike', 'unit' => null, 'flipped' => false, 'words' => new \stdClass]],
                    'time' => null,
                    'only' => null,
                ],
            ],
        );
        $drill = OwnDrill::query()->firstOrCreate(
            ['coach_id' => $bea->coach_id],
            ['name' => 'Gate', 'content' => ['name' => 'Gate', 'purpose' => 'Aim.', 'steps' => ['Go.'], 'goal' => []]],
        );
        $card = OwnCard::query()->firstOrCreate(
            ['coach_id' => $bea->coach_id],
            ['shot' => 'chip', 'content' => ['name' => 'Mine', 'shot' => 'chip', 'figures' => [], 'feel' => 'x', 'drills' => []]],
        );
        $still = $lesson->stills()->first() ?? $lesson->stills()->create(['width' => 2, 'height' => 2]);
        app(StillFolder::class)->put($still, self::jpeg());
        $link = $bea->links()->first() ?? $bea->links()->create(['token_hash' => str_repeat('0', 64), 'expires_at' => now()->addDay()]);

        $consent = $bea->consents()->first()
            ?? $bea->consents()->create(['purpose' => 'link', 'given_by' => 'Her mother', 'given_at' => now()]);

        $device = FeedDevice::query()->firstOrCreate(
            ['coach_id' => $bea->coach_id],
            ['name' => 'Monitor', 'token_hash' => str_repeat('1', 64)],
        );
        $fed = FeedBall::query()->firstOrCreate(
            ['feed_device_id' => $device->id],
            [
                'device_ball' => '01JD0000000000000000000001',
                'ball_set_id' => $set->id,
                'student_id' => $bea->id,
                'figures' => ['carry_m' => 9.0],
                'hit_at' => now(),
            ],
        );

        $spare = $bea->coach
            ->students()
            ->firstOrCreate(['name' => 'To be handed over'], ['handed' => 'right', 'about' => '', 'limits' => []]);
        $accountLink = AccountLink::query()->firstOrCreate(
            ['academy_id' => $bea->coach->academy_id, 'role' => 'coach'],
            ['token_hash' => str_repeat('2', 64), 'expires_at' => now()->addDay()],
        );

        return [
            'key' => str_repeat('0', 64),
            'spare' => $spare->id,
            'coach' => $this->coach('Idris')->id,
            'accountLink' => $accountLink->id,
            'device' => $device->id,
            'feedBall' => $fed->id,
            'brushId' => self::id(),
            'student' => $bea->id,
            'studentId' => $bea->id,
            'lesson' => $lesson->id,
            'lessonId' => $lesson->id,
            'set' => $set->id,
            'setId' => $set->id,
            'ballId' => $set->balls()->firstOrFail()->id,
            'still' => $still->id,
            'link' => $link->id,
            'consent' => $consent->id,
            'consentId' => self::id(),
            'session' => $bea->plan?->sessions()->firstOrFail()->id ?? '',
            'resultId' => $bea->results()->firstOrFail()->id,
            'batch' => 'f3b1c0de-0000-4000-8000-000000000000',
            'import' => $import->id,
            'preset' => $preset->id,
            'drill' => $drill->id,
            'drillId' => $drill->id,
            'card' => $card->id,
            'cardId' => $card->id,
            'cause' => 'scoop',
            'id' => self::id(),
        ];
    }

    /** @return array<string, mixed> what the address would take from the right coach */
    private function body(Route $route): array
    {
        $bea = $this->student('Bea')->id;

        return match (true) {
            str_ends_with($route->uri(), 'stills') => [
                'id' => self::id(),
                'still' => UploadedFile::fake()->createWithContent('a.jpg', self::jpeg()),
            ],
            str_ends_with($route->uri(), 'sheets') => ['sheet' => UploadedFile::fake()->createWithContent('a.csv', "Hit\nclean\n")],
            str_contains($route->uri(), 'sheets/') => [
                'mapping' => ['columns' => [['header' => 'Hit', 'key' => 'strike']]],
                'task' => self::CHIP,
                'purpose' => 'retest',
                'day' => '2026-11-20',
            ],
            $route->uri() === 'api/me' => ['name' => 'Maren Sollis', 'units' => 'metric'],
            $route->uri() === 'api/me/email' => ['now' => 'marram-and-sand', 'email' => 'maren.sollis@saltgrass.example'],
            str_starts_with($route->uri(), 'api/me/second-factor') => $route->methods()[0] === 'PUT' || str_ends_with($route->uri(), 'code')
                ? ['code' => '123456']
                : ['now' => 'marram-and-sand'],
            $route->uri() === 'api/me/password' => ['now' => 'marram-and-sand', 'password' => 'dunes-in-the-wind'],
            str_ends_with($route->uri(), 'feed-devices') => ['name' => 'Monitor'],
            str_ends_with($route->uri(), 'device}/lesson') => ['lesson_id' => null],
            str_ends_with($route->uri(), 'device}/student') => ['student_id' => null],
            str_ends_with($route->uri(), 'shots/plan') => ['lie' => 'fairway', 'edge_m' => 3, 'hole_m' => 12, 'student_id' => $bea],
            str_ends_with($route->uri(), 'shots/sand') => ['lie' => 'sand_medium', 'carry_m' => 9, 'student_id' => $bea],
            str_ends_with($route->uri(), 'shots/brush'), str_contains($route->uri(), 'brushes/') => [
                'brushes_mm' => [-40, -42, -44],
                'ball_position_pct' => 50,
                'stance_width_mm' => 250,
            ],
            str_ends_with($route->uri(), 'plan') => ['days' => [2 => 20], 'grounds' => ['grass'], 'weeks' => 2, 'from' => '2026-11-25'],
            str_ends_with($route->uri(), 'sessions/{session}') => ['day' => '2026-12-01'],
            str_ends_with($route->uri(), 'measure/picture') => ['target' => 'right', 'points' => ['grip' => [90, 10], 'head' => [80, 400]]],
            str_ends_with($route->uri(), 'measure/trace') => [
                'target' => 'right',
                'fps' => 240,
                'ball' => [500, 900],
                'scale' => ['ball_px' => 60],
                'frames' => array_map(
                    static fn(int $n): array => ['n' => $n, 'head' => [100 + 100 * $n, 900 - ($n - 4) ** 2]],
                    range(0, 8),
                ),
            ],
            str_ends_with($route->uri(), 'notes/{noteId}') => ['kind' => 'no_time', 'said_at' => now()->toIso8601String()],
            str_ends_with($route->uri(), 'results/{resultId}') => [
                'drill' => 'brush_line',
                'goal' => [],
                'attempts' => [true],
                'done_at' => '2026-11-25T10:00:00Z',
            ],
            $route->uri() === 'api/academy/links' => ['role' => 'coach'],
            $route->uri() === 'api/academy' => ['name' => 'Saltgrass', 'schools' => ['chip' => 'handle_ahead']],
            $route->uri() === 'api/blind-cases' => [
                'format' => BlindCases::FORMAT,
                'answers' => array_fill_keys(range(1, BlindCases::CASES), null),
            ],
            $route->uri() === 'api/academy/ledger' => ['wanted' => true],
            str_ends_with($route->uri(), 'confirmed') => ['confirmed' => 'scoop'],
            $route->uri() === 'api/academy/calibration' => ['changes' => ['mark_seen' => 0.7], 'reason' => 'firmer turf'],
            str_contains($route->uri(), 'academy/coaches') => ['role' => 'coach', 'left' => false],
            str_contains($route->uri(), 'shares/') => ['level' => 'read'],
            str_ends_with($route->uri(), 'hand-over') => ['coach_id' => $this->coach('Idris')->id],
            str_ends_with($route->uri(), 'links') => ['days' => 7],
            str_contains($route->uri(), 'consents/') => ['purpose' => 'link', 'given_by' => 'Her mother'],
            \in_array('DELETE', $route->methods(), true) && str_ends_with($route->uri(), 'prescription') => [
                'cause' => 'scoop',
                'feel' => 'x',
                'drills' => [],
            ],
            str_ends_with($route->uri(), 'prescription') => [
                'set_id' => $this->ids()['set'],
                'cause' => 'scoop',
                'feel' => 'x',
                'drills' => [],
                'goals' => [],
                'sentence' => '',
            ],
            str_contains($route->uri(), 'balls/') => ['seen' => ['strike' => 'heavy'], 'hit_at' => '2026-11-25T10:00:00Z'],
            str_contains($route->uri(), 'own/cards') => [
                'name' => 'Mine',
                'shot' => 'chip',
                'figures' => [],
                'feel' => 'x',
                'drills' => [],
            ],
            str_contains($route->uri(), 'own/drills') => ['name' => 'Gate', 'purpose' => 'Aim.', 'steps' => ['Go.'], 'goal' => []],
            str_ends_with($route->uri(), 'try') => ['setup' => ['shaft_lean_deg' => 2], 'task' => []],
            str_contains($route->uri(), 'sets/') => ['purpose' => 'before', 'setup' => ['shaft_lean_deg' => 1], 'motion' => []],
            str_contains($route->uri(), 'lessons/') => [
                'student_id' => $bea,
                'task' => self::CHIP,
                'began_at' => '2026-11-25T10:00:00Z',
                'closed_at' => null,
            ],
            default => ['name' => 'Bea', 'handed' => 'left', 'about' => '', 'limits' => []],
        };
    }
}
