<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\TriesAgain;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What the store says when it cannot: a lost race, a full disk, nobody there. */
final class TriesAgainTest extends TestCase
{
    #[TestWith(['PUT', 1062, 1, 200, 2])]
    #[TestWith(['DELETE', 1213, 2, 200, 3])]
    #[TestWith(['PUT', 1205, 1, 200, 2])]
    #[TestWith(['PUT', 1062, 9, 500, 3])]
    #[TestWith(['POST', 1062, 1, 500, 1])]
    #[TestWith(['PUT', 1054, 1, 500, 1])]
    public function test_a_lost_race_is_run_again_where_that_does_no_harm(
        string $method,
        int $number,
        int $losses,
        int $status,
        int $tries,
    ): void {
        $tried = 0;
        $answer = (new TriesAgain)->handle(Request::create('/api/x', $method), static function () use (
            &$tried,
            $losses,
            $number,
        ): Response {
            return $tried++ < $losses ? (new Response('', 500))->withException(self::error($number)) : new Response('');
        });

        self::assertSame([$status, $tries], [$answer->getStatusCode(), $tried]);
    }

    #[TestWith([1114, 'disk of the server is full'])]
    #[TestWith([1021, 'disk of the server is full'])]
    #[TestWith([2002, 'cannot be reached'])]
    public function test_a_store_that_cannot_is_said_in_words_and_asked_again_later(int $number, string $words): void
    {
        $request = Request::create('/api/lessons/x', 'PUT');
        $answer = app(ExceptionHandler::class)->render($request, self::error($number));

        self::assertInstanceOf(JsonResponse::class, $answer);
        self::assertSame(503, $answer->getStatusCode());
        self::assertStringContainsString($words, (string) $answer->getContent());
    }

    public function test_a_session_that_cannot_be_written_is_a_full_disk_too(): void
    {
        $error = new \ErrorException('file_put_contents(): Write of 312 bytes failed with errno=28 No space left on device');
        $answer = app(ExceptionHandler::class)->render(Request::create('/api/me'), $error);

        self::assertSame(503, $answer->getStatusCode());
        self::assertStringContainsString('kept on this device', (string) $answer->getContent());
    }

    private static function error(int $number): QueryException
    {
        $messages = [1213 => 'Deadlock found when trying to get lock', 1205 => 'Lock wait timeout exceeded; try restarting transaction'];
        $cause = new \PDOException($messages[$number] ?? 'no', 0);
        $cause->errorInfo = ['HY000', $number, 'no'];

        return $number === 1062
            ? new UniqueConstraintViolationException('mariadb', 'insert', [], $cause)
            : new QueryException('mariadb', 'insert', [], $cause);
    }
}
