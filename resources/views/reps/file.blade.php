<x-layout :title="__('reps.file.title')">
<x-heading :title="__('reps.file.title')"><x-button size="sm"
    :href="route('students.index')">{{ __('students.people') }}</x-button></x-heading>
<p class="lead-line">{{ __('reps.file.lead', ['columns' => implode(', ', App\View\Drill\RepCsv::COLUMNS)]) }}</p>
<p>@foreach (App\Persistence\Spreadsheet::FORMATS as $format)
    <x-button :href="route('reps.export', $format)" download>{{ __('words.spreadsheet.export.'.$format) }}</x-button>
@endforeach</p>
<x-invalid/>
<form method="post" action="{{ route('reps.check') }}" enctype="multipart/form-data" class="slab search-row">
    @csrf
    <x-field name="file" class="wide" :label="__('reps.file.import')"><x-input name="file" type="file" accept=".csv,.txt,.xlsx"
        required/></x-field>
    <x-button kind="rust">{{ __('words.preview') }}</x-button>
</form>
@if ($sheet)
    <section aria-live="polite"><h2>{{ __('reps.file.preview') }}</h2>
        @if ($sheet->refused !== [])
            <p class="flash flash-error">{{ trans_choice('reps.file.refused', count($sheet->refused)) }}</p>
            <x-table :head="array_values(texts('reps.file.columns'))">
                @foreach ($sheet->firstRefused() as $refused)<tr><td>{{ $refused['line'] ?:
                    '–' }}</td><td>{{ $refused['what'] }}</td></tr>@endforeach
            </x-table>
            @if ($sheet->moreRefused() !== [])
                <p>{{ __('reps.file.more-refused', ['count' => number_format(count($sheet->moreRefused())), 'lines' => implode(', ',
                    $sheet->moreRefused())]) }}</p>
            @endif
            @if ($kept)@include('reps.columns')@endif
        @else
            <p>{{ trans_choice('reps.file.would-add', count($sheet->new)) }} {{ __('reps.file.here-already',
                ['count' => $sheet->known]) }}</p>
            @if ($token)
                <form method="post" action="{{ route('reps.import', $token) }}">
                    @csrf
                    <x-button kind="rust">{{ trans_choice('reps.file.add', count($sheet->new)) }}</x-button>
                    <x-button :href="route('reps.file')">{{ __('words.cancel') }}</x-button>
                </form>
            @endif
        @endif
    </section>
@endif
</x-layout>
