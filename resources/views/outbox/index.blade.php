<x-layout :title="__('outbox.title')">
<h1>{{ __('outbox.title') }}</h1>
<p class="lead-line">{{ __('outbox.lead') }}</p>
@if ($mails->isEmpty())
    <x-empty :title="__('outbox.none')" :text="__('outbox.none-help')"/>
@else
<x-table :head="array_values(texts('outbox.columns'))">
    @foreach ($mails as $mail)
        <tr>
            <td>{{ school_time($mail->created_at) }}</td>
            <td>{{ $mail->recipient }}</td>
            <th scope="row"><a href="{{ route('outbox.show', $mail) }}">{{ $mail->subject }}</a></th>
        </tr>
    @endforeach
</x-table>
<x-paging :pages="$mails"/>
@endif
</x-layout>
