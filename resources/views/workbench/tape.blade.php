<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ __('floor.tape.title', ['answer' => $tape->answer->title]) }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{ base64_encode(App\View\Home\HomePaper::STYLE) }}"></head>
<body>
<h1>{{ __('floor.tape.title', ['answer' => $tape->answer->title]) }}</h1>
<p>{{ __('floor.tape.lead', ['for' => $tape->for, 'scale' => $tape->scale()]) }}</p>
<p><img alt="" width="{{ $tape->dots }}"
    src="data:image/svg+xml;base64,{{ base64_encode(view('workbench.tape-drawing', ['tape' => $tape])) }}"></p>
<table>
    <tr>@foreach (texts('floor.tape.columns') as $column)<th>{{ $column }}</th>@endforeach</tr>
    @foreach ($tape->rows as $row)<tr><td>{{ $row['beat'] }}</td><td>{{ $row['foot'] }}</td>
        <td>{{ __('floor.tape.cm', ['cm' => $row['cm']]) }}</td>
        <td>{{ $row['bearing'] }}°</td></tr>@endforeach
</table>
<p>{{ __('layout.cautions') }}</p>
</body></html>
