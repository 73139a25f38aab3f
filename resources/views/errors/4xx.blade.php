<x-message name="400"/>
