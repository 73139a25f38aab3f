<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $sheet->answer->title }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{ $sheet->style() }}"></head>
<body>
@include('sheet.words')
<table class="floors floors-{{ $sheet->columns() }}">
@foreach (array_chunk($sheet->floors, $sheet->columns()) as $row)
    <tr>
        @foreach ($row as $floor)
            <td><img alt="{{ $floor['label'] }}" src="data:image/svg+xml;base64,{{ $floor['image'] }}">
                <img alt="" src="data:image/svg+xml;base64,{{ $floor['sideImage'] }}"><br>{{ $floor['caption'] }}</td>
        @endforeach
    </tr>
@endforeach
</table>
@if ($sheet->showsScore())
    <p><img class="score" alt="" src="data:image/svg+xml;base64,{{ $sheet->score() }}"></p>
@endif
@if ($mistake = $sheet->mistake())
    <p><strong>{{ $mistake->text }}</strong> {{ $mistake->breaks }}<br>
        @foreach ($mistake->images() as $image)<img class="wrong" alt="" src="{{ $image }}"> @endforeach</p>
@endif
@include('sheet.foot')
</body></html>
