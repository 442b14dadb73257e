<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>Low Point, archive of {{ $coach->name }}</title></head>
<body>
<h1>Archive of {{ $coach->name }}</h1>
<p>Made on {{ now()->format('j F Y, H:i') }}. <a href="archive.json">archive.json</a> names the format. Each table as JSON and as CSV:</p>
<ul>
@foreach ($counts as $table => $rows)
<li>{{ $table }}, {{ $rows }} rows: <a href="csv/{{ $table }}.csv">CSV</a>, and as JSON in data/</li>
@endforeach
</ul>
<h2>Students</h2>
<ul>
@foreach ($students as $name)
<li>{{ $name }}</li>
@endforeach
</ul>
<p>Private links are not in here: they are keys. Make new ones after an import.</p>
</body>
</html>
