import { Navigate, type RouteObject } from 'react-router';
import { JoinPage } from '../account/JoinPage';
import { PeoplePage } from '../account/PeoplePage';
import { SignedInOnly } from '../account/SignedInOnly';
import { SignInPage } from '../account/SignInPage';
import { StudioFrame } from '../account/StudioFrame';
import { YouPage } from '../account/YouPage';
import { AfterwardsPage } from '../afterwards/AfterwardsPage';
import { BackupPage } from '../backup/BackupPage';
import { BenchPage } from '../bench/BenchPage';
import { ChoosePage } from '../choose/ChoosePage';
import { CoatsPage } from '../coats/CoatsPage';
import { Sections } from '../common/Section';
import { CutPage } from '../cut/CutPage';
import { CutterTab } from '../cut/CutterTab';
import { PrintTab } from '../cut/PrintTab';
import { SheetsTab } from '../cut/SheetsTab';
import { OnDevice } from '../devices/BenchStart';
import { DevicesPage } from '../devices/DevicesPage';
import { PairPage } from '../devices/PairPage';
import { GatherPage } from '../gather/GatherPage';
import { GlossaryPage } from '../glossary/GlossaryPage';
import { LayOutPage } from '../lay-out/LayOutPage';
import { LearnedPage } from '../learned/LearnedPage';
import { Live } from '../live/Live';
import { LogbookPage } from '../logbook/LogbookPage';
import { ClientsPage } from '../look/ClientsPage';
import { LookPage } from '../look/LookPage';
import { MoneyPage } from '../money/MoneyPage';
import { OrderPage } from '../order/OrderPage';
import { BeforeAfterPage } from '../photos/BeforeAfterPage';
import { OnPhotoPage } from '../photos/on/OnPhotoPage';
import { PhotosPage } from '../photos/PhotosPage';
import { PiecesPage } from '../pieces/PiecesPage';
import { DesignPage } from '../shelf/DesignPage';
import { ChangeDesignPage, NewDesignPage } from '../shelf/DesignPages';
import { ListsPage } from '../shelf/ListsPage';
import { NewPotPage } from '../shelf/PotForm';
import { PotPage } from '../shelf/PotPage';
import { ShelfPage } from '../shelf/ShelfPage';
import { SupplierPage } from '../shelf/SupplierPage';
import { ShoppingPage } from '../shopping/ShoppingPage';
import { StandingPage } from '../standing/StandingPage';
import { SumsPage } from '../sums/SumsPage';
import { SurveyPage } from '../survey/SurveyPage';
import { WeekPage } from '../week/WeekPage';
import { WorkFrame } from '../work/WorkPage';
import { Broken } from './Broken';
import { Frame, PieceFrame } from './Frame';
import { NotHere } from './NotHere';
import { titled, titledFor } from './titles';

/** Every face, lay, design and pot has an address of its own. */
export const routes: RouteObject[] = [
  { path: '/sign-in', element: <SignInPage />, errorElement: <Broken /> },
  { path: '/pair', element: <PairPage />, errorElement: <Broken /> },
  { path: '/look', element: <LookPage />, errorElement: <Broken /> },
  { path: '/join', element: <JoinPage />, errorElement: <Broken /> },
  {
    element: <SignedInOnly />,
    errorElement: <Broken />,
    children: [{ element: <Live />, children: [{ element: <OnDevice />, children: within() }] }],
  },
];

/** What is inside of a studio. */
function within(): RouteObject[] {
  return [
    {
      element: <Frame />,
      errorElement: <Broken />,
      children: [
        { path: '/', element: <PiecesPage />, handle: titled('Pieces') },
        { path: '/sums/:sum?', element: <SumsPage />, handle: titledFor('phone', 'Quick sums') },
        {
          path: '/glossary',
          element: <GlossaryPage />,
          handle: titledFor('phone', 'Words of the trade'),
        },
        { path: '/week', element: <WeekPage />, handle: titledFor('phone', 'This week') },
        { path: '/logbook', element: <LogbookPage />, handle: titled('Logbook') },
        { path: '/learned', element: <LearnedPage />, handle: titled('What the bench taught') },
        {
          path: '/studio',
          element: <StudioFrame />,
          children: [
            { index: true, element: <BenchPage />, handle: titled('Studio') },
            { path: 'people', element: <PeoplePage />, handle: titled('People') },
            { path: 'clients', element: <ClientsPage />, handle: titled('Clients') },
            { path: 'devices', element: <DevicesPage />, handle: titled('Devices') },
            { path: 'backup', element: <BackupPage />, handle: titled('Backup') },
            { path: 'you', element: <YouPage />, handle: titled('You') },
          ],
        },
        { path: '/shopping', element: <ShoppingPage />, handle: titledFor('phone', 'Shopping') },
        {
          element: <Sections level="h2" />,
          children: [
            { path: '/shelf', element: <ShelfPage />, handle: titled('Shelf') },
            {
              path: '/shelf/designs/new',
              element: <NewDesignPage />,
              handle: titled('A new design'),
            },
            { path: '/shelf/designs/:designId', element: <DesignPage />, handle: titled('Design') },
            {
              path: '/shelf/designs/:designId/change',
              element: <ChangeDesignPage />,
              handle: titled('Change a design'),
            },
            { path: '/shelf/pots/new', element: <NewPotPage />, handle: titled('A new pot') },
            { path: '/shelf/pots/:holdingId', element: <PotPage />, handle: titled('Pot') },
            { path: '/shelf/lists', element: <ListsPage />, handle: titled('Lists and files') },
            { path: '/shelf/supplier', element: <SupplierPage />, handle: titled('Supplier') },
          ],
        },
        { path: '*', element: <NotHere /> },
      ],
    },
    {
      path: '/pieces/:pieceId/work/:stepId?',
      element: <WorkFrame />,
      errorElement: <Broken />,
    },
    {
      path: '/pieces/:pieceId',
      element: <PieceFrame />,
      errorElement: <Broken />,
      children: [
        { index: true, element: <Navigate to="survey" replace /> },
        { path: 'survey/:faceId?', element: <SurveyPage />, handle: titled('Survey') },
        { path: 'standing', element: <StandingPage />, handle: titled('Standing') },
        { path: 'money', element: <MoneyPage />, handle: titled('What it costs') },
        { path: 'afterwards', element: <AfterwardsPage />, handle: titled('Afterwards') },
        { path: 'photos', element: <PhotosPage />, handle: titled('Photos') },
        {
          path: 'photos/before-after',
          element: <BeforeAfterPage />,
          handle: titled('Before and after'),
        },
        { path: 'photos/:photoId', element: <OnPhotoPage />, handle: titled('On the photo') },
        { path: 'choose/:faceId?', element: <ChoosePage />, handle: titled('Choose') },
        { path: 'lay-out/:faceId?/:layId?', element: <LayOutPage />, handle: titled('Lay out') },
        { path: 'coats/:groupId?/:band?', element: <CoatsPage />, handle: titled('Coats') },
        {
          path: 'cut',
          element: <CutPage />,
          handle: titled('Cut'),
          children: [
            { index: true, element: <SheetsTab /> },
            { path: 'print', element: <PrintTab /> },
            { path: 'cutter/:layId?', element: <CutterTab /> },
          ],
        },
        { path: 'order/:stepId?', element: <OrderPage />, handle: titledFor('phone', 'Order') },
        { path: 'gather', element: <GatherPage />, handle: titled('Gather') },
        { path: '*', element: <NotHere /> },
      ],
    },
  ];
}
