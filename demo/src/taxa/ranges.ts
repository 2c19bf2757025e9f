/**
 * Where each grows beyond the two states of the school, by ISO 3166-2 code; and the counties of the valley where a
 * species native to the state is planted only.
 */
export const RANGES = `
more Abies grandis
  native: US-WA US-OR US-CA CA-BC

more Abies lasiocarpa
  native: US-WA US-OR US-WY US-CO US-UT US-NM US-AZ US-NV US-AK CA-BC CA-AB CA-YT
  rare: US-CA

more Pseudotsuga menziesii
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-TX CA-BC CA-AB MX-CHH MX-DUR MX-SON MX-COA MX-NLE

more Larix occidentalis
  native: US-WA US-OR CA-BC

more Picea engelmannii
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY CA-BC CA-AB

more Pinus albicaulis
  native: US-WA US-OR US-CA US-NV US-WY CA-BC CA-AB

more Pinus flexilis
  native: US-ID US-WY US-CO US-UT US-NV US-CA US-AZ US-NM US-SD US-NE US-OR CA-AB
  rare: US-ND CA-BC
  planted: US-MT-089 US-ID-017 US-ID-079

more Pinus contorta
  native: US-WA US-OR US-CA US-NV US-UT US-CO US-WY US-AK CA-BC CA-AB CA-YT CA-SK CA-NT MX-BCN
  rare: US-SD

more Pinus ponderosa
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-NE US-ND US-TX CA-BC
  rare: US-OK

more Pinus monticola
  native: US-WA US-OR US-CA US-NV CA-BC CA-AB

more Picea pungens
  native: US-ID
  planted: US-MT-089 US-ID-017 US-ID-079

more Tsuga heterophylla
  native: US-WA US-OR US-CA US-AK CA-BC CA-AB

more Tsuga mertensiana
  native: US-WA US-OR US-CA US-AK CA-BC
  rare: US-NV

more Larix lyallii
  native: US-WA CA-BC CA-AB
  rare: US-ID-017

more Thuja plicata
  native: US-WA US-OR US-CA US-AK CA-BC CA-AB

more Juniperus scopulorum
  native: US-WA US-OR US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE CA-BC CA-AB
  rare: US-TX US-OK

more Taxus brevifolia
  native: US-WA US-OR US-CA US-AK CA-BC CA-AB

more Populus tremuloides
  native: US-AK US-AZ US-CA US-CO US-CT US-IA US-IL US-IN US-MA US-ME US-MI US-MN US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OR US-PA US-RI US-SD US-UT US-VT US-WA US-WI US-WY CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-NU CA-ON CA-PE CA-QC CA-SK CA-YT MX-CHH MX-DUR MX-SON MX-COA MX-NLE
  rare: US-MD US-MO US-VA US-WV US-TX

more Populus trichocarpa
  native: US-WA US-OR US-CA US-NV US-UT US-WY US-AK CA-BC CA-AB CA-YT MX-BCN

more Populus angustifolia
  native: US-ID US-MT US-NV US-AZ US-NM US-SD US-NE US-OR CA-AB CA-SK MX-CHH
  rare: US-TX US-CA
  planted: US-MT-089 US-ID-017 US-ID-079

more Betula papyrifera
  native: US-WA US-AK US-ND US-SD US-MN US-WI US-MI US-IA US-IL US-NY US-PA US-VT US-NH US-ME US-MA US-CT CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-ON CA-PE CA-QC CA-SK CA-YT
  rare: US-CO US-WY US-NE US-OR US-WV US-NC US-VA US-NJ US-OH US-IN

more Betula occidentalis
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE CA-BC CA-AB CA-SK CA-MB CA-NT CA-YT

more Alnus incana subsp. tenuifolia
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-AK CA-BC CA-AB CA-SK CA-YT CA-NT

more Alnus viridis subsp. sinuata
  native: US-WA US-OR US-CA US-WY US-AK CA-BC CA-AB CA-YT CA-NT

more Salix scouleriana
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-AK CA-BC CA-AB CA-SK CA-MB CA-YT CA-NT MX-CHH

more Salix exigua
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-TX US-KS US-OK CA-BC CA-AB MX-BCN MX-SON MX-CHH

more Acer glabrum
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-NE US-AK CA-BC CA-AB

more Acer grandidentatum
  native: US-ID US-AZ US-NV US-TX MX-COA MX-SON MX-CHH
  rare: US-OK
  planted: US-MT-089 US-ID-017 US-ID-079

more Quercus gambelii
  native: US-NV US-TX MX-CHH MX-COA MX-SON
  rare: US-OK
  planted: US-MT-089

more Physocarpus malvaceus
  native: US-WA US-OR US-NV US-UT US-WY CA-BC CA-AB

more Prunus virginiana
  native: US-AZ US-CA US-CO US-CT US-DE US-IA US-IL US-IN US-KS US-KY US-MA US-MD US-ME US-MI US-MN US-MO US-NC US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OK US-OR US-PA US-RI US-SD US-TN US-TX US-UT US-VA US-VT US-WA US-WI US-WV US-WY CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-ON CA-PE CA-QC CA-SK
  rare: US-AR US-GA

more Prunus emarginata
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-UT CA-BC MX-BCN
  rare: US-WY

more Amelanchier alnifolia
  native: US-WA US-OR US-CA US-CO US-UT US-WY US-NV US-SD US-ND US-NE US-MN US-AK CA-BC CA-AB CA-SK CA-MB CA-ON CA-NT CA-YT
  rare: US-IA US-MI CA-QC

more Crataegus douglasii
  native: US-WA US-OR US-CA US-NV US-WY CA-BC CA-AB CA-SK CA-ON
  rare: US-MI US-WI US-MN US-AK

more Sorbus scopulina
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-AK CA-BC CA-AB CA-SK CA-YT CA-NT
  rare: US-SD US-ND

more Sorbus aucuparia
  introduced: US-WA US-OR US-CA US-AK US-CO US-UT US-MN US-WI US-MI US-IL US-IN US-OH US-PA US-NY US-NJ US-CT US-MA US-VT US-NH US-ME CA-BC CA-AB CA-SK CA-MB CA-ON CA-QC CA-NB CA-NS CA-NL CA-PE

more Sambucus cerulea
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-UT US-WY US-CO US-TX CA-BC MX-BCN MX-SON MX-CHH

more Rhus glabra
  native: US-AL US-AR US-AZ US-CO US-CT US-DE US-FL US-GA US-IA US-IL US-IN US-KS US-KY US-LA US-MA US-MD US-ME US-MI US-MN US-MO US-MS US-NC US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OK US-OR US-PA US-RI US-SC US-SD US-TN US-TX US-UT US-VA US-VT US-WA US-WI US-WV US-WY CA-BC CA-MB CA-ON CA-QC CA-SK MX-CHH MX-COA MX-NLE MX-TAM MX-SON

more Rhus trilobata
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-OK US-TX CA-AB CA-SK MX-BCN MX-CHH MX-COA MX-SON
  rare: US-IA

more Toxicodendron rydbergii
  native: US-WA US-OR US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-TX US-IA US-MN US-WI US-MI US-IL US-IN US-OH US-PA US-NY US-VT US-NH US-ME US-MA CA-BC CA-AB CA-SK CA-MB CA-ON CA-QC CA-NB CA-NS

more Fraxinus pennsylvanica
  native: US-AL US-AR US-CO US-CT US-DE US-FL US-GA US-IA US-IL US-IN US-KS US-KY US-LA US-MA US-MD US-ME US-MI US-MN US-MO US-MS US-NC US-ND US-NE US-NH US-NJ US-NY US-OH US-OK US-PA US-RI US-SC US-SD US-TN US-TX US-VA US-VT US-WI US-WV US-WY US-MT CA-AB CA-MB CA-NB CA-NS CA-ON CA-QC CA-SK
  planted: US-ID US-WA US-OR US-UT US-NV US-MT-089 US-ID-017 US-ID-079

more Cornus sericea
  native: US-AK US-AZ US-CA US-CO US-CT US-DE US-IA US-IL US-IN US-KY US-MA US-MD US-ME US-MI US-MN US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OR US-PA US-RI US-SD US-UT US-VT US-WA US-WI US-WV US-WY CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-ON CA-PE CA-QC CA-SK CA-YT MX-CHH MX-DUR
  rare: US-KS US-VA US-MO

more Frangula purshiana
  native: US-WA US-OR US-CA CA-BC

more Celtis reticulata
  native: US-ID US-CA US-KS US-OK US-TX US-LA MX-BCN MX-SON MX-CHH MX-COA MX-NLE
  planted: US-MT-089 US-ID-017 US-ID-079

more Ulmus pumila
  introduced: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-OK US-TX US-MN US-IA US-MO US-WI US-IL US-IN US-MI US-OH US-KY US-TN US-NY US-PA CA-AB CA-SK CA-MB CA-ON CA-QC CA-BC MX-CHH MX-COA

more Elaeagnus angustifolia
  introduced: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-OK US-TX US-MN US-IA US-WI US-IL US-MI US-OH US-PA US-NY CA-AB CA-SK CA-MB CA-ON CA-BC MX-CHH

more Shepherdia argentea
  native: US-ID US-WY US-CO US-UT US-NV US-NM US-AZ US-CA US-OR US-SD US-ND US-NE US-KS US-MN CA-AB CA-SK CA-MB
  rare: US-IA CA-BC
  planted: US-MT-089 US-ID-017 US-ID-079
`;
